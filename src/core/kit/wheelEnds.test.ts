import { describe, expect, it } from 'vitest'
import { PARTS, kit, line, propose } from '../../../tests/support/kitOf'
import { shipped } from '../../../tests/support/shipped'
import { findSeals } from '../seals'
import { arrangementOf, ARRANGEMENTS, explodedView, type KitRequest } from '.'

describe('A1, four wheels, two different sets', () => {
  it('is complete, with everything times four', () => {
    const k = kit()
    expect(k.complete).toBe(true)
    expect(k.lines.map((l) => [l.slot, l.designation, l.quantity, l.state])).toEqual([
      ['seal', '42x62x8', 4, 'filled'],
      ['innerCone', 'L68149', 4, 'filled'],
      ['innerCup', 'L68110', 4, 'filled'],
      ['outerCup', 'LM12710', 4, 'filled'],
      ['outerCone', 'LM12749', 4, 'filled'],
      ['washer', 'tab washer 3/4 spindle', 4, 'filled'],
      ['castleNut', 'castle nut 3/4-16', 4, 'filled'],
      ['cotterPin', 'cotter pin 4x40', 4, 'filled'],
      ['cap', 'dust cap 1.781 in', 4, 'filled'],
      ['grease', 'wheel bearing grease', expect.any(Number), 'filled'],
    ])
    expect(k.lines.filter((l) => l.singleUse).map((l) => l.slot)).toEqual(['seal', 'cotterPin'])
  })

  it('computes grease: free volume of both sets and a third of the cavity', () => {
    // Free share 0.30 of π/4·T·(D² − d²) of each set; cavity between spindle 35.001 and 45.237 − 6 mm, 48 mm long; 0.9 g/ml.
    const set = (t: number, D: number, d: number) => 0.3 * (Math.PI / 4) * t * (D ** 2 - d ** 2) * 1e-3
    const cavity = (Math.PI / 4) * 48 * (39.237 ** 2 - 35.001 ** 2) * 1e-3
    const grams = 0.9 * (set(15.875, 59.131, 35.001) + set(15.494, 45.237, 21.986) + cavity / 3)
    expect(line(kit(), 'grease')?.quantity).toBe(Math.ceil(grams) * 4)
  })

  it('leaving the seal out shows a gap', () => {
    for (const change of [{ parts: { ...PARTS, seal: 'out' } }, { sizes: {} }]) {
      const k = kit(change)
      expect(line(k, 'seal')).toMatchObject({ state: 'gap', quantity: 4 })
      expect(k.complete).toBe(false)
      expect(k.next?.heading).toMatch(/seal/)
    }
  })

  it('refuses a cup of another series with words', () => {
    const k = kit({ parts: { ...PARTS, innerCup: 'LM11710' } })
    expect(line(k, 'innerCup')).toMatchObject({
      state: 'conflict',
      reason: expect.stringMatching(/series LM11700.*series L68100/),
    })
    expect(k.checks.find((c) => c.result === 'fail')?.slots).toEqual(['innerCone', 'innerCup'])
    expect(k.complete).toBe(false)
  })

  it('refuses sets that are mixed up, parts of the wrong kind, reuse of once-only parts, threads the cone does not pass', () => {
    const swapped = kit({
      parts: { innerCone: 'LM12749', innerCup: 'LM12710', outerCone: 'L68149', outerCup: 'L68110' },
    })
    expect(line(swapped, 'outerCone')?.state).toBe('conflict')
    expect(line(kit({ parts: { ...PARTS, innerCup: 'L68149' } }), 'innerCup')).toMatchObject({
      state: 'conflict',
      reason: expect.stringMatching(/is a cone/),
    })
    expect(line(kit({ parts: { ...PARTS, cotterPin: 'keep' } }), 'cotterPin')).toMatchObject({
      state: 'conflict',
      reason: expect.stringMatching(/single use/i),
    })
    expect(line(kit({ thread: '1-14' }), 'castleNut')?.state).toBe('conflict')
    expect(line(kit({ parts: { ...PARTS, innerCone: 'L99999' } }), 'innerCone')?.state).toBe('gap')
  })

  it('proposes what is usual without a measurement, and says that it must be confirmed', () => {
    const k = propose('A1', { positions: 1, parts: PARTS, sizes: {} })
    for (const slot of ['castleNut', 'cap'])
      expect(line(k, slot)).toMatchObject({ state: 'filled', assumed: true })
  })

  it('asks which cup when several run with the cone', () => {
    const k = kit({ parts: { ...PARTS, innerCup: 'auto' } })
    expect(line(k, 'innerCup')).toMatchObject({ state: 'gap', alternatives: ['L68110', 'L68111'] })
  })

  it('takes a set for both of its places', () => {
    const k = kit({ parts: { innerBearing: 'L68149/L68110', outerBearing: 'LM12749/LM12710' } })
    expect(k.complete).toBe(true)
  })
})

describe('B1', () => {
  const request: KitRequest = {
    positions: 2,
    parts: {
      bearing: '6203-2RS',
      wheelSpacerLeft: 'keep',
      wheelSpacerRight: 'keep',
      sealLeft: 'none',
      sealRight: 'none',
    },
    reasons: { sealLeft: 'bearings are sealed', sealRight: 'bearings are sealed' },
    sizes: { spacerLength: 46 },
  }
  it('is complete with both bearings, tube and film', () => {
    const k = propose('B1', request)
    expect(k.complete).toBe(true)
    expect(k.lines.map((l) => [l.slot, l.quantity])).toEqual([
      ['wheelSpacerLeft', 0],
      ['bearingLeft', 2],
      ['spacerTube', 2],
      ['bearingRight', 2],
      ['wheelSpacerRight', 0],
      ['grease', 10],
    ])
  })
  it('says that the spacer is missing, and that open bearings do not belong here', () => {
    const k = propose('B1', { ...request, sizes: {}, parts: { ...request.parts, bearing: '6203' } })
    expect(k.lines.find((l) => l.slot === 'spacerTube')?.state).toBe('gap')
    expect(k.checks.filter((c) => c.result === 'warn').map((c) => c.title)).toEqual(
      expect.arrayContaining(['Spacer tube missing', 'A bearing is not closed on both sides']),
    )
  })
  it('takes the snap ring of DIN 472 for the outside of the bearing', () => {
    const k = propose('B1', { ...request, parts: { ...request.parts, snapRing: 'auto' } })
    expect(k.lines.find((l) => l.slot === 'snapRing')?.designation).toBe('bore snap ring 40x1.75')
  })
})

describe('seals', () => {
  it('fit by journal, counterbore and room; near ones fail with the reason', () => {
    const found = findSeals(shipped.catalogue, { shaft: 35, housing: 52, width: 7 })
    expect(found.fits[0]?.part.base).toBe('35x52x7')
    expect(found.near.find((n) => n.part.base === '35x52x8')?.reason).toMatch(
      /8 mm wide where there is room for 7/,
    )
    expect(found.near.find((n) => n.part.base === '35x47x7')?.reason).toMatch(/falls through/)
  })
  it('a 7 mm seal where 10 mm is needed is refused', () => {
    expect(
      findSeals(shipped.catalogue, { shaft: 35, housing: 52, width: 10 }).fits.map((f) => f.part.base),
    ).not.toContain('35x52x7')
  })
})

it('the exploded view stands in fitting order without overlaps, with a balloon for every part that has a shape', () => {
  const cases = [
    ['A1', kit()],
    ['A1', kit({ parts: { ...PARTS, seal: 'out', cap: 'out' } })],
    ...[...ARRANGEMENTS.keys()].map(
      (code) => [code, propose(code, { positions: 1, parts: {}, sizes: {} })] as const,
    ),
  ] as const
  for (const [code, k] of cases) {
    const arrangement = arrangementOf(code)
    const shapeless = arrangement.slots.filter((s) =>
      ['grease', 'check', 'consumable', 'nipple'].includes(s.role),
    )
    const view = explodedView(arrangement, k)
    expect(view.hub.label).toBe(arrangement.hub)
    expect(view.parts.map((p) => p.slot)).toEqual(
      k.lines.map((l) => l.slot).filter((id) => !shapeless.some((s) => s.id === id)),
    )
    view.parts.forEach((part, i) => {
      const next = view.parts[i + 1]
      if (next) expect(part.from + part.length).toBeLessThan(next.from)
      expect(part.balloon).toBe(k.lines.findIndex((l) => l.slot === part.slot) + 1)
    })
  }
})

it('rear wheel B2: three bearings and a retainer; front B1: two and none', () => {
  const parts = {
    bearing: '6902-2RS',
    sealLeft: 'none',
    sealRight: 'none',
    wheelSpacerLeft: 'keep',
    wheelSpacerRight: 'keep',
  }
  const rear = propose('B2', { positions: 1, parts, sizes: { spacerLength: 40 } })
  const front = propose('B1', { positions: 1, parts, sizes: { spacerLength: 40 } })
  const count = (k: typeof rear) => k.lines.filter((l) => l.designation.startsWith('6902')).length
  expect([count(rear), count(front)]).toEqual([3, 2])
  expect(line(rear, 'retainer')?.state).toBe('gap')
  expect(line(front, 'retainer')).toBeUndefined()
  expect(rear.lines.map((l) => l.slot).indexOf('bearingRightSecond')).toBe(
    rear.lines.map((l) => l.slot).indexOf('bearingRight') + 1,
  )
})
