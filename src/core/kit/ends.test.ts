import { describe, expect, it } from 'vitest'
import { kit, line, PARTS, propose } from '../../../tests/support/kitOf'
import { shippedKnowledge } from '../../../tests/support/shipped'
import { bearingSlots } from './bearingPlaces'
import { arrangementOf, explodedView, proposeKit, withDecisions, type KitRequest } from '.'

// Which end, which place, which way round: what is told of one must not be told of the other (common practice).

const found = (code: string, request: KitRequest, check: string) =>
  propose(code, request).checks.filter((c) => c.code === check)
const bare = (parts: KitRequest['parts'], more: Partial<KitRequest> = {}): KitRequest => ({
  positions: 1,
  sizes: {},
  parts,
  ...more,
})

describe('grease that is pumped in', () => {
  const filled = (greaseFill: KitRequest['greaseFill'], slot: string, part: string) =>
    kit({ greaseFill, parts: { ...PARTS, [slot]: part } }).checks.find(({ code }) =>
      ['capFill', 'fittingFill'].includes(code),
    )
  it.each([
    ['cap', 'grease-fill cap 1.781 in', 'Pack both bearings by hand first', 'feeds the outer bearing only'],
    [
      'fittingHub',
      'yes',
      'The room between the bearings fills first',
      'fills the room before either bearing',
    ],
    [
      'fittingSpindle',
      'yes',
      'reaches the outer one last',
      'the inner bearing and the room before the outer one',
    ],
  ])('%s: reaches both bearings in a hub that is packed full, else one', (slot, part, full, else_) => {
    const [whole, third] = [filled('hubFull', slot, part), filled('bearingsFullCavityThird', slot, part)]
    expect(whole).toMatchObject({
      result: 'pass',
      title: expect.stringContaining('is packed full') as string,
    })
    expect(whole?.detail).toContain(full)
    expect(third).toMatchObject({
      result: 'warn',
      title: expect.stringContaining('needs a hub packed full') as string,
    })
    expect(third?.detail).toContain(else_)
    expect(third?.detail).toContain('bearings full, cavity a third')
  })
})

describe('the ends of a hub', () => {
  const same = bare({ innerCone: 'L68149', innerCup: 'L68110', outerCone: 'L68149', outerCup: 'L68110' })
  it('the same part is drawn the other way round at the outer or right end', () => {
    const shaft = bare({ bearingLocating: '7208B', bearingFloating: '7208B' })
    const parts = [
      ...explodedView(arrangementOf('A1'), propose('A1', same)).parts,
      ...explodedView(arrangementOf('G1'), propose('G1', shaft)).parts,
    ]
    /** Corners of a part's outlines, along the axis from its own left end or from its right, and outwards. */
    const corners = (slot: string, from: 'left' | 'right') => {
      const drawn = parts.find((p) => p.slot === slot)
      const { from: at = 0, length = 0, shapes = [] } = drawn ?? {}
      return shapes
        .flatMap((shape) => (shape.kind === 'outline' ? shape.points : []))
        .map(([x, r]) => `${Math.abs(from === 'left' ? x - at : at + length - x).toFixed(2)} ${r.toFixed(2)}`)
        .sort()
    }
    for (const [inner, outer] of [
      ['innerCone', 'outerCone'],
      ['innerCup', 'outerCup'],
      ['bearingLocating', 'bearingFloating'],
    ] as const) {
      expect(corners(outer, 'left')).toEqual(corners(inner, 'right'))
      expect(corners(outer, 'left')).not.toEqual(corners(inner, 'left'))
    }
  })
  it('a seal is judged beside the cone and the cup it stands before', () => {
    const seal = (text: string) => found('A1', bare({ ...PARTS, seal: text }), 'sealUnderCone')
    // L68149 has 34.99 mm, LM12749 21.99: the seal stands at the inner one.
    expect(seal('30x52x10')).toMatchObject([{ result: 'fail', slots: ['seal', 'innerCone'] }])
    expect(seal('42x62x8')).toEqual([])
    expect(found('A1', bare({ ...PARTS, seal: '40x52x7' }), 'sealUnderCup')).toMatchObject([
      { slots: ['seal', 'innerCup'] },
    ])
  })
  it('a seal at the outer end is judged by the cone there', () => {
    const a1 = arrangementOf('A1')
    const at = (end: { side?: 'outer' | 'inner'; at?: string }) => ({
      ...a1,
      slots: a1.slots.map((slot) =>
        slot.id === 'seal' ? { ...slot, side: undefined, at: undefined, ...end } : slot,
      ),
    })
    for (const end of [{ at: 'outerCone' }, { side: 'outer' as const }]) {
      const under = proposeKit(at(end), bare({ ...PARTS, seal: '21x47x7' }), shippedKnowledge).checks
      expect(under.find(({ code }) => code === 'sealUnderCone')).toMatchObject({
        slots: ['seal', 'outerCone'],
      })
    }
    const passes = proposeKit(at({ at: 'outerCone' }), bare({ ...PARTS, seal: '30x52x10' }), shippedKnowledge)
    expect(passes.checks.map(({ code }) => code)).not.toContain('sealUnderCone')
  })
  it('two sets of one bore are no ends swapped', () => {
    const codes = (inner: string, outer: string) =>
      propose('A1', bare({ innerBearing: inner, outerBearing: outer })).checks.map(({ code }) => code)
    expect(codes('LM11949/LM11910', 'A6075/A6157')).toContain('setsDiffer')
    expect(codes('LM12749/LM12710', 'L68149/L68110')).toContain('setsSwapped')
    expect(codes('L68149/L68110', 'L68149/L68110')).toContain('setsAlike')
  })
  it('a tapered bore and a groove are drawn where the number has them', () => {
    const drawn = (number: string) =>
      explodedView(
        arrangementOf('G1'),
        propose('G1', bare({ bearingLocating: number, bearingFloating: 'NU208' })),
      ).parts.find(({ slot }) => slot === 'bearingLocating')
    const shapes = (number: string) => {
      const { from = 0, shapes: all = [] } = drawn(number) ?? {}
      return JSON.stringify(
        all.map((shape) =>
          shape.kind === 'outline' ? shape.points.map(([x, r]) => [(x - from).toFixed(2), r.toFixed(2)]) : 0,
        ),
      )
    }
    expect(shapes('22208K')).not.toBe(shapes('22208'))
    expect(shapes('6208NR')).not.toBe(shapes('6208'))
    expect(shapes('6208-2RS/C3')).not.toBe('')
  })
  it('the nut is judged by the cone it is drawn up on, or by the last one before it', () => {
    const over = { ...PARTS, castleNut: 'castle nut 1-14' }
    expect(found('A1', bare(over), 'nutOverCone')).toMatchObject([{ slots: ['castleNut', 'outerCone'] }])
    // The inner cone would let it pass.
    expect(found('A1', bare({ ...over, outerCone: 'L68149', outerCup: 'L68110' }), 'nutOverCone')).toEqual([])
    const a1 = arrangementOf('A1')
    const loose = {
      ...a1,
      slots: a1.slots.map((slot) => (slot.id === 'castleNut' ? { ...slot, at: undefined } : slot)),
    }
    expect(proposeKit(loose, bare(over), shippedKnowledge).checks).toContainEqual(
      expect.objectContaining({ code: 'nutOverCone', slots: ['castleNut', 'outerCone'] }),
    )
  })
})

describe('a place takes what belongs there', () => {
  const a1 = arrangementOf('A1')
  const decide = (
    code: string,
    designation: string | null,
    parts: Record<string, string> = {},
    was?: string,
  ) =>
    withDecisions(
      arrangementOf(code),
      parts,
      [{ name: 'inner', slot: '', designation }],
      shippedKnowledge,
      was === undefined ? [] : [{ name: 'inner', slot: '', designation: was }],
    )
  it('a set is at home in its cone and cup, a whole bearing in its place, in one arrangement too', () => {
    const mixed = {
      slots: [...a1.slots, ...arrangementOf('B2').slots.filter(({ id }) => id === 'bearingLeft')],
    }
    expect(bearingSlots(mixed).map(({ id, takes, rings }) => [id, takes, ...rings])).toEqual([
      ['innerBearing', 'set', 'innerCone', 'innerCup'],
      ['outerBearing', 'set', 'outerCone', 'outerCup'],
      ['bearingLeft', 'bearing'],
    ])
    const left = (designation: string) =>
      withDecisions(mixed, {}, [{ name: '', slot: 'bearingLeft', designation }], shippedKnowledge)
    expect(left('6004-2RS')).toEqual({ bearingLeft: '6004-2RS' })
    expect(left('LM67048/LM67010')).toEqual({})
  })
  it('a ball bearing stands in no place of a tapered set, a set in none of a ball bearing', () => {
    expect(decide('A1', '6205')).toEqual({})
    expect(decide('A1', 'LM67048/LM67010')).toEqual({ innerBearing: 'LM67048/LM67010' })
    expect(
      withDecisions(
        arrangementOf('B2'),
        {},
        [{ name: 'left', slot: '', designation: 'LM67048/LM67010' }],
        shippedKnowledge,
      ),
    ).toEqual({})
  })
  it('what is decided no more leaves its place; what somebody chose there stays', () => {
    const set = 'LM67048/LM67010'
    expect(decide('A1', null, { innerBearing: set }, set)).toEqual({})
    expect(decide('A1', null, { innerBearing: 'L68149/L68110' }, set)).toEqual({
      innerBearing: 'L68149/L68110',
    })
  })
  it('a set typed for one ring is both, but for a ring that was chosen otherwise', () => {
    const rings = (parts: KitRequest['parts']) => {
      const k = propose('A1', bare(parts))
      return [line(k, 'innerCone')?.designation, line(k, 'innerCup')?.designation]
    }
    expect(rings({ innerCone: 'LM67048/LM67010' })).toEqual(['LM67048', 'LM67010'])
    expect(rings({ innerCup: 'LM67048/LM67010' })).toEqual(['LM67048', 'LM67010'])
    expect(rings({ innerCone: 'LM67048/LM67010', innerCup: 'LM67048/LM67010' })).toEqual([
      'LM67048',
      'LM67010',
    ])
    expect(rings({ innerCone: 'L68149/L68110', innerCup: 'L68111' })).toEqual(['L68149', 'L68111'])
    expect(rings({ innerCone: '6205', innerCup: 'L68111' })).not.toContain('L68149')
    expect(a1.slots.find(({ id }) => id === 'innerCup')?.mate).toBe('innerCone')
  })
})

describe('tools, seats, washers', () => {
  it('nothing drives a bearing that is drawn up on its sleeve, or an insert', () => {
    const tools = (bearing: string) =>
      propose('G1', bare({ bearingLocating: bearing, bearingFloating: 'NU208' })).tools.filter((tool) =>
        tool.includes(bearing.slice(0, 5)),
      )
    expect(tools('22208K')).toEqual([])
    expect(tools('22208')).toEqual(['Driver 79.5 mm for 22208, on the outer ring only'])
    expect(propose('F1', bare({ insert: 'UC208' })).tools.join()).not.toContain('Driver')
  })
  it('a tab washer follows the nut of the bearing it locks, with a sleeve and without', () => {
    const washer = (bearing: string) => {
      const k = propose('G1', bare({ bearingLocating: bearing, bearingFloating: 'NU208' }))
      return [line(k, 'lockNut')?.designation, line(k, 'tabWasher')?.designation]
    }
    expect(washer('6209')).toEqual(['KM9', 'MB9'])
    // H309 is for a shaft of 40 mm, its nut stands on the sleeve.
    expect(washer('22209K')).toEqual(['KM9', 'MB9'])
  })
  it('an insert and its housing are of one size, or both sizes are told', () => {
    const told = (insert: string, housing: string) =>
      propose('F1', bare({ insert, housing })).checks.filter(({ code }) => code.startsWith('housing'))
    expect(told('UC208', 'P208')).toMatchObject([{ code: 'housingHolds', result: 'pass' }])
    expect(told('UC208', 'P209')).toMatchObject([
      {
        code: 'housingOff',
        detail: 'P209 has a seat of 85 mm, UC208 an outside of 80 mm. Take both of one size.',
      },
    ])
  })
  it('grease of a hub with cone and cup is packed, of a shaft it is regreased', () => {
    expect(line(kit(), 'grease')?.designation).toBe('wheel bearing grease')
    expect(
      line(propose('G1', bare({ bearingLocating: '6209', bearingFloating: 'NU209' })), 'grease')?.designation,
    ).toBe('bearing grease')
  })

  // 30206 has B 16 and T 17.25, 30205 15 and 16.25; collar 40: play = 37.5 − seats. Usual are 0.025 to 0.25 mm.
  it('what a collar leaves is told up to the limits themselves', () => {
    const told = (mm: number) => {
      const request = bare(
        { innerBearing: '30206', outerBearing: '30205' },
        { sizes: { spacerLength: 40, seatDistance: 37.5 - mm } },
      )
      const found = propose('A3', request).checks.find(({ code }) => code === 'collarPlay')
      return `${found?.title}. ${found?.detail}`
    }
    for (const mm of [0.025, 0.25]) expect(told(mm)).not.toMatch(/not the usual|shim/)
    expect(told(0.251)).toMatch(/not the usual.*A shim of about 0.11 mm out/)
    expect(told(0.024)).toMatch(/not the usual.*A shim of about 0.11 mm in/)
    expect(told(0)).toMatch(/leaves 0.00 mm of play, not the usual/)
    expect(told(-0.001)).toMatch(/The collar is short: 0.00 mm of preload/)
  })
})
