import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { NOTHING_SAID } from '../../../tests/support/planFacts'
import { SIZES } from '../../../tests/support/kitOf'
import { shippedKnowledge } from '../../../tests/support/shipped'
import { PartValue } from '../part'
import { makePlan, type PlanFacts } from '../procedure'
import {
  ArrangementFile,
  arrangementOf,
  ARRANGEMENTS,
  ArrangementSnapshot,
  bearingSlots,
  explodedView,
  proposeKit,
  resolveArrangement,
  SLOT_ROLES,
  type Arrangement,
  type Kit,
  type KitRequest,
} from '.'
import { readThread } from '../quantity'

const FULL: Omit<KitRequest, 'parts'> = {
  positions: 2,
  sizes: {
    ...SIZES,
    spacerLength: 40,
    wheelSpacerLength: 11,
    sleeveLength: 9,
    ballDiameter: 6.35,
    ballCircle: 25,
  },
  thread: '3/4-16',
  findings: ['journalGrooved', 'threadBurred'],
}
/** A part for whatever the arrangement takes. */
const PARTS: Readonly<Record<string, string>> = {
  innerBearing: 'L68149/L68110',
  outerBearing: 'LM12749/LM12710',
  bearing: '6004-2RS',
}
const partsFor = (a: Arrangement): Record<string, string> =>
  Object.fromEntries(
    bearingSlots(a).map(({ id, takes }, i) => [
      id,
      takes === 'set' ? (PARTS[i === 0 ? 'innerBearing' : 'outerBearing'] ?? '') : (PARTS['bearing'] ?? ''),
    ]),
  )
const propose = (a: Arrangement, request: KitRequest, current = {}) =>
  proposeKit(a, request, shippedKnowledge, { current })
const plan = (arrangement: Arrangement, kit: Kit, more: Partial<PlanFacts> = {}) =>
  makePlan({
    arrangement,
    kit,
    ...NOTHING_SAID,
    ...more,
  })

/** The same arrangement under other names: every place has another id and a label that says nothing. */
function renamed(a: Arrangement): { arrangement: Arrangement; nameOf: (id: string) => string } {
  const nameOf = (id: string) => `p${a.slots.findIndex((s) => s.id === id)}`
  const refer = (id: string | undefined) => (id === undefined ? {} : { id: nameOf(id) })
  return {
    nameOf,
    arrangement: {
      ...a,
      hubAfter: nameOf(a.hubAfter),
      slots: a.slots.map((s) => ({
        ...s,
        id: nameOf(s.id),
        label: `Thing ${nameOf(s.id)}`,
        ...(s.mate !== undefined && { mate: refer(s.mate).id }),
        ...(s.like !== undefined && { like: refer(s.like).id }),
        ...(s.at !== undefined && { at: refer(s.at).id }),
      })),
    },
  }
}

describe.each([...ARRANGEMENTS.keys()])('%s', (code) => {
  const a = arrangementOf(code)
  const request: KitRequest = { ...FULL, parts: partsFor(a) }
  const kit = propose(a, request)

  it('every check has a code and a whole text', () => {
    for (const { code: check, title, detail } of kit.checks) {
      expect(check).not.toBe('')
      expect(`${title} ${detail}`).not.toMatch(/undefined|NaN|null|\[object/)
    }
  })
  it('other ids and labels change no part, no check and no step', () => {
    const { arrangement, nameOf } = renamed(a)
    const parts = Object.fromEntries(
      Object.entries(request.parts).map(([id, part]) => [
        a.slots.some((s) => s.id === id) ? nameOf(id) : id,
        part,
      ]),
    )
    const other = propose(arrangement, { ...request, parts })
    const textsOf = (k: Kit, name: (id: string) => string) => ({
      lines: k.lines.map((l) => [name(l.slot), l.role, l.state, l.value, l.quantity]),
      checks: k.checks.map((c) => [c.code, c.result, c.slots.map(name)]),
    })
    expect(textsOf(other, (id) => id)).toEqual(textsOf(kit, nameOf))
    const back = (id: string) => a.slots.find((slot) => nameOf(slot.id) === id)?.id ?? id
    const steps = (arr: Arrangement, k: Kit, name: (id: string) => string) =>
      plan(arr, k).sections.map(({ id, steps: all }) => [
        id,
        all.map((s) => [
          s.code,
          s.place === undefined ? undefined : name(s.place),
          (s.blockedBy ?? []).map(name),
          s.tool,
          s.caution,
        ]),
      ])
    expect(steps(arrangement, other, back)).toEqual(steps(a, kit, (id) => id))
    expect(plan(arrangement, other).torques.map((t) => back(t.id))).toEqual(
      plan(a, kit).torques.map((t) => t.id),
    )
  })

  it('proposing twice is proposing once: what was chosen stays chosen, whatever lies in the bins', () => {
    const current = Object.fromEntries(kit.lines.map((l) => [l.slot, l.designation]))
    const designations = (k: Kit) => k.lines.map((l) => [l.slot, l.designation, l.quantity])
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 0, max: 9 }), { minLength: 30, maxLength: 30 }), (free) => {
        let asks = 0
        const again = proposeKit(a, request, shippedKnowledge, {
          current,
          supplyOf: () => ({
            free: free[asks++ % free.length] ?? 0,
            bin: 'A',
            price: free[asks % free.length] ?? 1,
          }),
        })
        expect(designations(again)).toEqual(designations(kit))
      }),
      { numRuns: 12 },
    )
  })

  it('is never complete while a part that is always renewed is none without a reason', () => {
    for (const slot of a.slots.filter((s) => s.singleUse && !s.onRequest)) {
      const without = propose(a, { ...request, parts: { ...request.parts, [slot.id]: 'none' } })
      expect(without.complete, slot.id).toBe(false)
      expect(without.lines.find((l) => l.slot === slot.id)?.state, slot.id).toBe('gap')
      const said = propose(a, {
        ...request,
        parts: { ...request.parts, [slot.id]: 'none' },
        reasons: { [slot.id]: 'end caps instead' },
      })
      expect(said.lines.some((l) => l.slot === slot.id)).toBe(false)
      expect(said.absent).toContainEqual(
        expect.objectContaining({ slot: slot.id, reason: 'end caps instead' }),
      )
    }
  })

  it('an own part, one by sizes and a free text stand in its places and go on', () => {
    for (const { id, takes } of bearingSlots(a)) {
      const k = propose(a, { ...request, parts: { ...request.parts, [id]: '21 x 47 x 15.5' } })
      const line = k.lines.find(
        (l) =>
          l.slot === id ||
          (takes === 'set' &&
            l.role === 'cone' &&
            id.startsWith(String(a.slots.find((s) => s.id === l.slot)?.side))),
      )
      expect(line?.value, id).toMatchObject({ kind: 'bySizes' })
      expect(line?.state, id).not.toBe('gap')
      expect(() => plan(a, k)).not.toThrow()
    }
  })

  it('quantities and further lines are as typed', () => {
    const first = kit.lines.find((l) => l.unit === 'pcs' && l.quantity > 0 && l.role !== 'balls')
    if (!first) throw new Error('no line')
    const k = propose(a, {
      ...request,
      quantities: { [first.slot]: 3 },
      extras: [{ id: 'x1', label: 'Wheel studs', designation: 'M12x1.5x45', quantity: 6 }],
    })
    expect(k.lines.find((l) => l.slot === first.slot)).toMatchObject({ quantityPerPosition: 3, quantity: 6 })
    expect(k.lines.at(-1)).toMatchObject({ label: 'Wheel studs', quantity: 12, state: 'filled' })
  })
})

describe('hardware follows the thread, whoever keeps which nut', () => {
  it('pin and washer from the thread as typed while the old nut stays', () => {
    const k = propose(arrangementOf('A1'), { ...FULL, parts: { ...PARTS, castleNut: 'keep' }, findings: [] })
    const of = (id: string) => k.lines.find((l) => l.slot === id)?.designation
    expect([of('washer'), of('cotterPin')]).toEqual(['tab washer 3/4 spindle', 'cotter pin 4x40'])
    expect(k.checks.some((c) => /^One slot of the nut moves the hub \d\.\d\d mm$/.test(c.title))).toBe(true)
  })
  it.each([
    ['3/4-16', 19.05, 1.5875, false],
    ['1-14', 25.4, 25.4 / 14, false],
    ['1 1/8-12', 28.575, 25.4 / 12, false],
    ['M20x1.5', 20, 1.5, false],
    ['M24x2 LH', 24, 2, true],
    ['M12', 12, 1.75, false],
  ])('%s', (text, diameterMm, pitchMm, leftHand) => {
    const read = readThread(text)
    expect(read?.diameterMm).toBeCloseTo(diameterMm, 6)
    expect(read?.pitchMm).toBeCloseTo(pitchMm, 6)
    expect(read?.leftHand).toBe(leftHand)
  })
  it.each(['', '3/4', 'x', 'M7', '20', '3/4-1600'])('“%s” is no thread', (text) =>
    expect(readThread(text)).toBeNull(),
  )
})

it('a bearing on a taper brings its adapter sleeve, nut and washer with it (ISO 2982-1)', () => {
  const k = propose(arrangementOf('G1'), {
    positions: 1,
    parts: { bearingLocating: '22208EK/C3', bearingFloating: '22208EK/C3' },
    sizes: {},
  })
  const of = (id: string) => k.lines.find((l) => l.slot === id)
  expect(of('adapterSleeve')).toMatchObject({ designation: 'H308', quantity: 1 })
  expect([of('lockNut')?.quantity, of('tabWasher')?.quantity]).toEqual([0, 0])
  expect(k.checks.find((c) => /tapered bore/.test(c.title))?.detail).toMatch(/shaft of 35 mm/)
})

it('cones clamped over a collar: play = cone widths + collar − (seats + set widths), worked by hand', () => {
  // 30206: B 16, T 17.25; 30205: B 15, T 16.25. 16 + 15 + 40 − (37.4 + 33.5) = 0.1 mm.
  const collar = (seatDistance: number) =>
    propose(arrangementOf('A3'), {
      positions: 1,
      parts: { innerBearing: '30206', outerBearing: '30205' },
      sizes: { spacerLength: 40, seatDistance },
    }).checks.find((c) => /collar/i.test(c.title))
  expect(collar(37.4)).toMatchObject({ result: 'pass', title: expect.stringContaining('0.10 mm') })
  expect(collar(37.9)).toMatchObject({
    result: 'fail',
    title: expect.stringContaining('0.40 mm of preload'),
  })
  expect(collar(36.5)).toMatchObject({ result: 'warn', title: expect.stringContaining('1.00 mm') })
})

it('a nut of the spindle is asked for by the thread as typed, left-hand too, in every arrangement that asks for one', () => {
  const NUTS = ['axleNut', 'clampNut', 'ringNut', 'lockingRingNut', 'jamNut']
  let seen = 0
  for (const [code, { thread, slots }] of ARRANGEMENTS) {
    const nuts = slots.filter(({ role }) => NUTS.includes(role))
    const of = (typed: string | undefined) => {
      const kit = propose(arrangementOf(code), { positions: 1, parts: {}, sizes: {}, thread: typed })
      return kit.lines.filter((l) => nuts.some(({ id }) => id === l.slot))
    }
    for (const line of of('M24x2 LH')) {
      if (thread) expect(line.designation).toMatch(/nut M24x2 LH$/)
      else expect(line.designation).toBe('')
      expect(line.assumed).toBe(thread)
      seen++
    }
    for (const typed of [undefined, 'M7'])
      expect(of(typed).map(({ designation }) => designation)).toEqual(of(typed).map(() => ''))
  }
  expect(seen).toBeGreaterThan(6)
})

it('cups bear on their seats: the room between them is asked once, and its grease follows from either name', () => {
  const grams = (code: string, sizes: Record<string, number>) =>
    propose(arrangementOf(code), {
      positions: 1,
      parts: { innerBearing: '30206', outerBearing: '30205' },
      sizes,
    }).lines.find((l) => l.slot === 'grease')?.quantity
  expect(grams('A3', { seatDistance: 48 })).toBe(grams('A3', { cavityLength: 48 }))
  // What an arrangement before has left does not speak against what this one asks for.
  expect(grams('A1', { cavityLength: 48, seatDistance: 20 })).toBe(grams('A1', { cavityLength: 48 }))
  expect(grams('A3', { cavityLength: 20, seatDistance: 48 })).toBe(grams('A3', { seatDistance: 48 }))
  expect(grams('A3', { seatDistance: 48 })).toBeGreaterThan(grams('A3', {}) ?? Infinity)
  for (const [, { sizes }] of ARRANGEMENTS)
    expect(sizes.includes('seatDistance') && sizes.includes('cavityLength')).toBe(false)
})

describe('whole jobs through the core for random arrangements', () => {
  const slot = fc.record({
    role: fc.constantFrom(...SLOT_ROLES),
    side: fc.option(fc.constantFrom('inner', 'outer', 'left', 'right'), { nil: undefined }),
    at: fc.option(fc.nat(11), { nil: undefined }),
    mate: fc.option(fc.nat(11), { nil: undefined }),
    like: fc.option(fc.nat(11), { nil: undefined }),
    singleUse: fc.boolean(),
    carrier: fc.boolean(),
    stacked: fc.boolean(),
    onRequest: fc.boolean(),
    seat: fc.option(fc.constantFrom('first', 'second'), { nil: undefined }),
  })
  const part = fc.constantFrom(
    '6203-2RS',
    'L68149/L68110',
    '30206',
    '35x52x7',
    '21 x 47 x 15.5',
    'KM8',
    'felt',
    'none',
    'keep',
    'out',
    'auto',
  )
  it('are filled, checked, drawn and planned without a fault, each place once, and read back from JSON as they were', () => {
    fc.assert(
      fc.property(
        fc.array(slot, { minLength: 1, maxLength: 12 }),
        fc.array(part, { minLength: 12, maxLength: 12 }),
        (rows, parts) => {
          const id = (n: number | undefined) => (n === undefined ? undefined : `s${n % rows.length}`)
          const file = ArrangementFile.parse({
            code: 'any',
            title: 'Any arrangement',
            slots: rows.map(({ at, mate, like, ...row }, i) => ({
              ...row,
              id: `s${i}`,
              label: `Place ${i}`,
              at: id(at),
              mate: id(mate),
              like: id(like),
            })),
          })
          const resolved = resolveArrangement(file, () => undefined)
          if (!resolved.ok) throw new Error('not resolved')
          const a = resolved.value
          const request = {
            ...FULL,
            parts: Object.fromEntries(rows.map((_, i) => [`s${i}`, parts[i] ?? 'auto'])),
          }
          const kit = propose(a, request)
          expect(new Set(kit.lines.map((l) => l.slot)).size).toBe(kit.lines.length)
          expect(kit.complete).toBe(kit.lines.every((l) => l.state === 'filled'))
          for (const line of kit.lines)
            if (line.value)
              expect(PartValue.parse(JSON.parse(JSON.stringify(line.value)))).toEqual(
                JSON.parse(JSON.stringify(line.value)),
              )
          expect(ArrangementSnapshot.parse(JSON.parse(JSON.stringify(a)))).toEqual(
            JSON.parse(JSON.stringify(a)),
          )
          expect(explodedView(a, kit).parts.length).toBeLessThanOrEqual(kit.lines.length)
          const { sections, torques } = plan(a, kit)
          const steps = sections.flatMap((s) => s.steps.map((step) => step.id))
          expect(new Set(steps).size).toBe(steps.length)
          expect(torques.length).toBeGreaterThanOrEqual(0)
          const current = Object.fromEntries(kit.lines.map((l) => [l.slot, l.designation]))
          expect(propose(a, request, current).lines.map((l) => l.designation)).toEqual(
            kit.lines.map((l) => l.designation),
          )
        },
      ),
      { numRuns: 150 },
    )
  })
})
