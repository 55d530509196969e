import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { NOTHING_SAID } from '../../../tests/support/planFacts'
import { shippedKnowledge } from '../../../tests/support/shipped'
import {
  arrangementOf,
  ARRANGEMENTS,
  FINDINGS,
  proposeKit,
  resolveArrangement,
  SLOT_ROLES,
  type Arrangement,
} from '../kit'
import { slotLinesOf } from './facts'
import { makePlan } from './makePlan'
import { fittingOrder } from './fittingOrder'
import { partsAt } from './partsAt'
import type { PlanFacts } from './plan'
import { brokenBy, inOrder, relationsOf } from './relations'
import { removalOrder } from './removal'

const PARTS = {
  innerBearing: 'L68149/L68110',
  outerBearing: 'LM12749/LM12710',
  bearing: '6004-2RS',
  hubUnit: '39x72x37',
  insert: 'UC205',
}
function factsOf(arrangement: Arrangement, more: Partial<PlanFacts> = {}): PlanFacts {
  // A turning shaft gets a bearing that sits on an adapter sleeve.
  const parts = arrangement.code === 'G1' ? { ...PARTS, bearing: '22208EK' } : PARTS
  const request = { positions: 1, findings: [...FINDINGS], parts, sizes: {} }
  return {
    arrangement,
    kit: proposeKit(arrangement, request, shippedKnowledge),
    ...NOTHING_SAID,
    ...more,
  }
}
const CODES = [...ARRANGEMENTS.keys()]
const SIDES = ['inner', 'outer', 'left', 'right'] as const

/** Roles that are no part to be fitted: looked at, poured in or wiped on. */
const NO_PART = ['check', 'consumable', 'threadlocker', 'grease']

function holds(facts: PlanFacts, name: string) {
  const relations = relationsOf(facts)
  const { nodes, circle } = fittingOrder(facts)
  if (circle) {
    // Nonsense is told, with the parts named that wait for each other.
    expect(makePlan(facts).open[0], name).toMatch(/cannot be fitted in any order.*→/)
    return false
  }
  expect(brokenBy(nodes, relations), name).toBeNull()
  // Dismantling: whatever stood against, or was covered by, another comes off after it. A part between two may leave either way.
  const off = removalOrder(facts)
  const mirrored = relations
    .filter(({ why }) => why !== 'between')
    .map(({ first, then, why }) => ({ first: then, then: first, why }))
  expect(brokenBy(off, mirrored), name).toBeNull()
  // Every part of the kit is fitted, and set down in the plan once.
  const ids = makePlan(facts).sections.flatMap((s) => s.steps.map(({ id }) => id))
  expect(new Set(ids).size, name).toBe(ids.length)
  for (const { slot } of slotLinesOf(facts))
    if (!NO_PART.includes(slot.role))
      expect(
        ids.some((id) => id === `mount.${slot.id}` || id === `finish.${slot.id}`),
        `${name}: ${slot.id}`,
      ).toBe(true)
  return true
}

describe('the drawing beside a step', () => {
  it.each(CODES)(
    '%s: nothing in that was not fitted, everything in at the end, nothing in the way is in',
    (code) => {
      const steps = makePlan(factsOf(arrangementOf(code))).sections.flatMap((section) => section.steps)
      const mounted = [
        ...new Set(steps.flatMap(({ id, place }) => (id.startsWith('mount.') && place ? [place] : []))),
      ]
      expect(mounted.length).toBeGreaterThan(2)
      const first = steps.findIndex(({ id, place }) => id.startsWith('mount.') && place !== undefined)
      for (const [i, step] of steps.entries()) {
        const stateOf = partsAt(steps, step)
        if (step.place) expect(stateOf(step.place)).toBe('now')
        for (const place of step.blockedBy ?? []) expect(stateOf(place)).toBe('blocks')
        if (i === first)
          for (const place of mounted) if (place !== step.place) expect(stateOf(place)).not.toBe('in')
      }
      const last = steps.at(-1)
      if (last) for (const place of mounted) expect(['in', 'now']).toContain(partsAt(steps, last)(place))
    },
  )
})

describe('the plan is an order of its relations, and taking apart mirrors it', () => {
  it.each(CODES)('%s, whichever side goes first', (code) => {
    for (const firstSide of ['', 'left', 'right'] as const)
      expect(holds(factsOf(arrangementOf(code), { firstSide }), `${code} ${firstSide}`)).toBe(true)
  })
  it("200 arrangements of somebody's own", () => {
    let checked = 0
    fc.assert(
      fc.property(
        fc.constantFrom(...CODES),
        fc.array(fc.nat(20), { maxLength: 3 }),
        fc.array(
          fc.record({
            role: fc.constantFrom(...SLOT_ROLES.filter((role) => role !== 'check')),
            side: fc.option(fc.constantFrom(...SIDES), { nil: undefined }),
            after: fc.nat(20),
          }),
          { maxLength: 4 },
        ),
        (code, dropped, added) => {
          const base = arrangementOf(code)
          const at = (i: number) => base.slots[i % base.slots.length]?.id ?? ''
          const resolved = resolveArrangement(
            {
              code: 'own',
              title: 'an arrangement of our own',
              position: 'position',
              basedOn: code,
              drop: dropped.map(at),
              slots: added.map(({ role, side, after }, i) => ({
                id: `own${i}`,
                label: `Part ${i}`,
                role,
                ...(side && { side }),
                after: at(after),
                carrier: false,
                stacked: false,
                byThumb: false,
                sealSet: 'first' as const,
                ring: 'bore' as const,
                singleUse: false,
                mayStay: false,
                onRequest: false,
                addedBy: [],
                perPosition: 1,
                note: '',
              })),
            },
            (name) => (ARRANGEMENTS.has(name) ? fileOf(name) : undefined),
          )
          if (!resolved.ok) return
          if (holds(factsOf(resolved.value), JSON.stringify({ code, dropped, added }))) checked++
        },
      ),
      {
        numRuns: 300,
        // Fitted from one end alone: it comes off from that end as well.
        examples: [
          [
            'B2',
            [],
            [
              { role: 'ballCup', side: 'inner', after: 0 },
              { role: 'balls', side: 'right', after: 0 },
            ],
          ],
        ],
        ...(process.env['AMBER_WHOLE'] && { numRuns: 6000 }),
      },
    )
    expect(checked).toBeGreaterThan(200)
  })
})

/** An arrangement written out whole, so that others can be based on it. */
const fileOf = (code: string) => {
  const a = arrangementOf(code)
  return {
    code,
    title: a.title,
    position: a.position,
    drop: [],
    hub: a.hub,
    hubAfter: a.hubAfter,
    closure: a.closure,
    filmOnly: a.filmOnly,
    thread: a.thread,
    sizes: [...a.sizes],
    cautions:
      a.rotatingRing === 'inner' ? (['turningShaft'] as 'turningShaft'[]) : (['wheelEnd'] as 'wheelEnd'[]),
    slots: a.slots.map((slot) => ({ ...slot })),
  }
}

// What cannot be done so, and why (common practice, and the geometry of it).
it.each([
  ['A1', 'the seal before the inner cone it keeps in', ['seal', 'innerCone']],
  ['A1', 'a cone before its cup', ['outerCone', 'outerCup']],
  ['A1', 'the nut before its washer', ['castleNut', 'washer']],
  ['A1', 'the outer cone before the hub is on', ['outerCone', 'hub']],
  ['A3', 'the outer cone before the collar between them', ['outerCone', 'collar']],
  ['B1', 'both bearings before the spacer', ['bearingLeft', 'bearingRight', 'spacerTube']],
  ['B2', 'the retainer before the second of the stack', ['retainer', 'bearingRightSecond']],
  ['B3', 'the last carrier bearing before the sleeve', ['carrierOuter', 'sleeve']],
  ['B3', 'both shell bearings before the stepped axle', ['shellLeft', 'shellRight', 'axle']],
  ['C1', 'the snap ring before its washer', ['snapRing', 'washerOuter']],
  ['D1', 'the hub before the ring that holds its unit', ['hubUnit', 'hubUnit.hub', 'snapRing']],
  ['G1', 'the bearing before its adapter sleeve', ['bearingLocating', 'adapterSleeve']],
  ['H1', 'the cone before the balls', ['coneLeft', 'ballsLeft']],
])('%s: %s is refused', (code, _, order) =>
  expect(brokenBy(order, relationsOf(factsOf(arrangementOf(code))))).not.toBeNull(),
)

it('a circle is named, not gone round for ever', () => {
  const ordered = inOrder(
    new Map([
      ['a', 1],
      ['b', 2],
      ['c', 3],
      ['d', 0],
    ]),
    [
      { first: 'a', then: 'b' },
      { first: 'b', then: 'c' },
      { first: 'c', then: 'a' },
    ],
  )
  expect(ordered.ok).toBe(false)
  expect(ordered.ok ? [] : [...ordered.problem.ids].sort()).toEqual(['a', 'b', 'c'])
})

it('where the order is free the preferred one comes first', () => {
  const nodes = new Map([
    ['late', 9],
    ['early', 1],
    ['needed', 5],
  ])
  expect(inOrder(nodes, [{ first: 'needed', then: 'early' }])).toEqual({
    ok: true,
    value: ['needed', 'early', 'late'],
  })
})
