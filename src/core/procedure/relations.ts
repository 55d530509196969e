import { isWholeBearing, type Slot, type SlotRole } from '../kit'
import { aloneIn, isBoltOn, isFastener, isInsert, slotLinesOf, type SlotLine } from './facts'
import { ok, refuse, type Result } from '../result'
import type { PlanFacts } from './plan'

/** Things that are moved as a whole while a job is fitted: no places of the kit, but what places are fitted in or on. */
export const MOVED = {
  hub: 'hub',
  shaft: 'shaft',
  carrier: 'carrier',
  trial: 'trial',
  /** a wheel that takes its axle along, put into its place */
  wheel: 'wheel',
} as const

/** The hub of a unit that is pressed into a knuckle: it goes into the fitted unit. */
export const unitHub = (unit: string): string => `${unit}.hub`

/**
 * Why one comes before the other.
 * - `seats`: what it sits against, in or on must be there
 * - `covers`: afterwards it cannot be reached
 * - `between`: it lies between two others and goes in while one side is still open; which side is free
 */
export type Why = 'seats' | 'covers' | 'between'

export interface Relation {
  first: string
  then: string
  why: Why
}

/** Which end of the axis a place belongs to; null = neither. The list of an arrangement runs from the first end to the second. */
export const endOf = ({ side }: Slot): 'first' | 'second' | null =>
  side === undefined ? null : side === 'inner' || side === 'left' ? 'first' : 'second'

/** Roles that go on when all else is together, in that order. */
export const LAST_ON: readonly SlotRole[] = ['cotterPin', 'nutLock', 'cap', 'wheelNuts']

/** Where the parts of a turning hub sit. */
const IN_BORE: ReadonlySet<SlotRole> = new Set([
  'cup',
  'ballBearing',
  'bearing',
  'sphericalPlain',
  'clutch',
  'hubUnit',
  'seal',
  'retainer',
  'ballCup',
  'balls',
  'spacerTube',
  'wheelSpacer',
])
const ON_AXLE: ReadonlySet<SlotRole> = new Set([
  'rodEnd',
  'trackRoller',
  'wearSleeve',
  'shield',
  'cone',
  'washer',
  'plainWasher',
  'castleNut',
  'clampNut',
  'clampScrew',
  'ringNut',
  'lockingRingNut',
  'tabWasher',
  'jamNut',
  'axleNut',
  'collar',
  'shims',
  'adjustingCone',
  'ballCone',
  'dustCover',
  'boltOnUnit',
  'bolts',
  'pin',
  'setScrews',
])

const isBearing = ({ slot: { role } }: SlotLine): boolean =>
  isWholeBearing(role) || role === 'cup' || role === 'ballCup'
const isRing = ({ slot: { role } }: SlotLine): boolean => role === 'snapRing'

/** A tapered hub whose first cone is caught behind its seal goes onto the spindle with it. */
const caught = ({ slot }: SlotLine): boolean => slot.role === 'cone' && endOf(slot) === 'first'

const inBore = (slotLine: SlotLine): boolean =>
  !slotLine.slot.carrier &&
  (IN_BORE.has(slotLine.slot.role) || caught(slotLine) || (isRing(slotLine) && slotLine.slot.ring === 'bore'))
const onAxle = (slotLine: SlotLine): boolean =>
  !slotLine.slot.carrier &&
  !caught(slotLine) &&
  (ON_AXLE.has(slotLine.slot.role) || (isRing(slotLine) && slotLine.slot.ring === 'shaft'))

const chain = (slotLines: readonly SlotLine[], why: Why): Relation[] =>
  slotLines.slice(1).flatMap(({ slot }, i): Relation[] => {
    const before = slotLines[i]
    return before ? [{ first: before.slot.id, then: slot.id, why }] : []
  })
const eachBefore = (first: readonly SlotLine[], then: readonly string[], why: Why): Relation[] =>
  first.flatMap(({ slot }) =>
    then.filter((id) => id !== slot.id).map((id) => ({ first: slot.id, then: id, why })),
  )
const idsOf = (slotLines: readonly SlotLine[]): string[] => slotLines.map(({ slot }) => slot.id)

/** The end whose bearing goes in first: as it was said, else the one that holds, else the first one. */
export function firstEnd({ firstSide, arrangement }: PlanFacts): 'first' | 'second' {
  if (firstSide !== '') return firstSide === 'left' || firstSide === 'inner' ? 'first' : 'second'
  const holding = arrangement.slots.find(({ locating }) => locating === 'locating')
  return (holding && endOf(holding)) ?? 'first'
}

/** A spacer, or an axle with a step, goes in while one side is open. */
function betweenBearings(
  facts: PlanFacts,
  bearings: readonly SlotLine[],
  middle: readonly SlotLine[],
): Relation[] {
  const end = firstEnd(facts)
  const of = (which: boolean) => bearings.filter(({ slot }) => (endOf(slot) === end) === which)
  return [
    ...eachBefore(of(true), idsOf(middle), 'between'),
    ...eachBefore(middle, idsOf(of(false)), 'between'),
    ...eachBefore(of(true), idsOf(of(false)), 'between'),
  ]
}

/** A wheel: what sits in its bore goes in from the middle outward, then it goes onto its axle, then what holds it there. */
function wheelRelations(facts: PlanFacts, hub: string | null): Relation[] {
  const slotLines = slotLinesOf(facts)
  const [bore, axle] = [slotLines.filter(inBore), slotLines.filter(onAxle)]
  const outward = (of: readonly SlotLine[], end: 'first' | 'second') => {
    const own = of.filter(({ slot }) => endOf(slot) === end)
    return end === 'first' ? own.toReversed() : own
  }
  const bearings = bore.filter(isBearing).filter(({ slot }) => endOf(slot) !== null)
  const middle = slotLines.filter(
    ({ slot }) =>
      !slot.carrier && (slot.role === 'axle' || (slot.role === 'spacerTube' && endOf(slot) === null)),
  )
  const beyond = axle.filter(({ slot }) => endOf(slot) !== 'first')
  const before = axle.filter(({ slot }) => endOf(slot) === 'first')
  const onto = hub === null ? [] : [hub]
  const units = slotLines.filter(({ slot }) => slot.role === 'hubUnit')
  return [
    ...chain(outward(bore, 'first'), 'covers'),
    ...chain(outward(bore, 'second'), 'covers'),
    ...betweenBearings(facts, bearings, middle),
    // A unit stands against the inner ring of its bore, and the outer one closes it.
    ...units.flatMap(({ slot: { id } }) =>
      bore
        .filter(isRing)
        .map(({ slot }): Relation =>
          endOf(slot) === 'first'
            ? { first: slot.id, then: id, why: 'seats' }
            : { first: id, then: slot.id, why: 'covers' },
        ),
    ),
    ...eachBefore(bore, onto, 'seats'),
    ...eachBefore(
      slotLines.filter(({ slot }) => slot.role === 'studs'),
      onto,
      'covers',
    ),
    ...chain(beyond, 'covers'),
    ...(hub === null
      ? [
          // No spindle to go onto: what closes each end goes on from the middle outward, when its bearings are in.
          ...chain(outward(axle, 'first'), 'covers'),
          ...eachBefore(bore, idsOf(axle), 'seats'),
          ...eachBefore(
            slotLines.filter(({ slot }) => slot.role === 'axle'),
            idsOf(axle),
            'seats',
          ),
        ]
      : [
          ...chain(before, 'covers'),
          ...eachBefore(before, onto, 'covers'),
          ...idsOf(beyond).flatMap((id): Relation[] =>
            id === hub ? [] : [{ first: hub, then: id, why: 'seats' }],
          ),
        ]),
    ...carrierRelations(slotLines),
    ...eachBefore(
      slotLines.filter(({ slot }) => !LAST_ON.includes(slot.role)),
      [MOVED.wheel],
      'seats',
    ),
  ]
}

/** A carrier beside the hub: in the order it stands there, then onto the hub, then what closes it. */
function carrierRelations(slotLines: readonly SlotLine[]): Relation[] {
  const own = slotLines.filter(({ slot }) => slot.carrier)
  if (own.length === 0) return []
  const shell = slotLines.filter((slotLine) => inBore(slotLine) && isBearing(slotLine))
  const caps = slotLines.filter(
    ({ slot }) => !slot.carrier && own.some((o) => o.slot.id === slot.at) && slot.role === 'wheelSpacer',
  )
  return [
    ...chain(own, 'covers'),
    ...eachBefore([...own, ...shell], [MOVED.carrier], 'seats'),
    ...idsOf(caps).map((then): Relation => ({ first: MOVED.carrier, then, why: 'covers' })),
  ]
}

/** A turning shaft: its bearings and what holds them, then the shaft into its housing, then what closes that. */
function shaftRelations(facts: PlanFacts): Relation[] {
  const slotLines = slotLinesOf(facts)
  const of = (...roles: SlotRole[]) => slotLines.filter(({ slot }) => roles.includes(slot.role))
  const bearings = of('bearing', 'ballBearing', 'thrustBearing')
  const rings = slotLines.filter((slotLine) => isRing(slotLine) && slotLine.slot.ring === 'shaft')
  const holding = [...of('lockWasher'), ...of('lockNut')]
  const at = ({ slot }: SlotLine, id: string | undefined): boolean => slot.id === id
  const onShaft = [...bearings, ...rings, ...holding, ...of('spacerTube', 'adapterSleeve', 'wearSleeve')]
  return [
    ...of('adapterSleeve').flatMap(({ slot }) =>
      bearings
        .filter((b) => slot.at === undefined || at(b, slot.at))
        .map((b): Relation => ({ first: slot.id, then: b.slot.id, why: 'seats' })),
    ),
    ...betweenBearings(facts, bearings, of('spacerTube')),
    ...bearings
      .filter(({ slot }) => slot.locating !== 'floating')
      .flatMap((b) => eachBefore([b], idsOf(holding), 'seats')),
    ...chain(holding, 'seats'),
    ...rings.flatMap((ring) =>
      bearings
        .filter((b) => at(b, ring.slot.at))
        .map((b): Relation => ({ first: b.slot.id, then: ring.slot.id, why: 'covers' })),
    ),
    ...eachBefore(onShaft, [MOVED.shaft], 'covers'),
    ...idsOf(of('seal', 'cover', 'cap')).map((then): Relation => ({
      first: MOVED.shaft,
      then,
      why: 'covers',
    })),
    ...eachBefore(of('wearSleeve'), idsOf(of('seal')), 'seats'),
  ]
}

/** An insert: swivelled into its housing, the housing onto its face, then screws, grease and cover. */
function insertRelations(facts: PlanFacts): Relation[] {
  const of = (role: SlotRole) => slotLinesOf(facts).filter(({ slot }) => slot.role === role)
  return chain(
    [...of('insert'), ...of('housing'), ...of('setScrews'), ...of('nipple'), ...of('grease'), ...of('cover')],
    'seats',
  )
}

/** The step by which a hub goes onto what carries it; null where there is none. */
export function hubNode(facts: PlanFacts): string | null {
  const slotLines = slotLinesOf(facts)
  const pair = slotLines.some(({ slot: { role } }) => role === 'cone' || role === 'ballBearing')
  const unit = slotLines.find(({ slot }) => slot.role === 'boltOnUnit' || slot.role === 'hubUnit')
  if (unit && !pair) return unit.slot.role === 'hubUnit' ? unitHub(unit.slot.id) : unit.slot.id
  if (slotLines.some(({ slot }) => slot.role === 'axle' || slot.role === 'pin' || slot.role === 'balls'))
    return null
  return pair ? MOVED.hub : null
}

/**
 * What must come before what while a machine is fitted, from how its parts sit: what a part stands against, what it covers, what
 * lies between (geometry; common practice).
 */
export function relationsOf(facts: PlanFacts): Relation[] {
  const slotLines = slotLinesOf(facts)
  const of = (...roles: SlotRole[]) => slotLines.filter(({ slot }) => roles.includes(slot.role))
  const hub = hubNode(facts)
  const all = isInsert(facts)
    ? insertRelations(facts)
    : facts.arrangement.rotatingRing === 'inner'
      ? shaftRelations(facts)
      : wheelRelations(facts, hub)
  return [
    ...all,
    // A cone runs in its cup.
    ...of('cone').flatMap(({ slot }): Relation[] =>
      slot.mate === undefined ? [] : [{ first: slot.mate, then: slot.id, why: 'seats' }],
    ),
    // Where a housing or a new hub is a part of the kit, it is there before what goes into it.
    ...(isInsert(facts) ? [] : eachBefore(of('housing'), idsOf(slotLines.filter(inBore)), 'seats')),
    ...(hub === null ? [] : eachBefore(of('hubBody'), [hub], 'seats')),
    // Which side is magnetic is looked at before it is covered.
    ...eachBefore(
      slotLines.filter(({ slot }) => slot.senses === 'encoder'),
      idsOf(of('hubUnit')),
      'covers',
    ),
    ...(isBoltOn(facts) ? [] : eachBefore(of('cup'), [MOVED.trial], 'seats')),
    ...(isBoltOn(facts)
      ? []
      : idsOf(of('cone')).map((then): Relation => ({ first: MOVED.trial, then, why: 'covers' }))),
    // What goes through a joint, a roller or a clutch goes in when that is there.
    ...(aloneIn(facts) === null
      ? []
      : of('plain').flatMap(({ slot }): Relation[] =>
          slot.at === undefined ? [] : [{ first: slot.at, then: slot.id, why: 'seats' }],
        )),
    // A nut goes onto the bolt it holds.
    ...slotLines
      .filter((slotLine) => isFastener(slotLine))
      .flatMap((nut) =>
        of('plain')
          .filter((bolt) => bolt.slot.id === nut.slot.at)
          .map((bolt): Relation => ({ first: bolt.slot.id, then: nut.slot.id, why: 'seats' })),
      ),
    // Loose balls lie in the grease of their cup, and their cone holds them.
    ...eachBefore(of('ballCup'), idsOf(of('balls')), 'seats'),
    ...eachBefore(of('balls'), idsOf(of('ballCone')), 'covers'),
  ]
}

/**
 * Puts steps into an order that keeps every relation; where it is free, the one with the least preference comes first.
 * @param nodes by id, with how early each is preferred
 * @returns ids in order; or the circle that makes it impossible
 */
export function inOrder(
  nodes: ReadonlyMap<string, number>,
  relations: readonly Pick<Relation, 'first' | 'then'>[],
): Result<string[], { code: 'circle'; ids: string[] }> {
  const known = relations.filter(({ first, then }) => nodes.has(first) && nodes.has(then) && first !== then)
  const before = new Map([...nodes.keys()].map((id) => [id, new Set<string>()]))
  for (const { first, then } of known) before.get(then)?.add(first)
  const ordered: string[] = []
  const left = new Map([...nodes].sort(([, a], [, b]) => a - b))
  while (left.size > 0) {
    const next = [...left.keys()].find((id) => [...(before.get(id) ?? [])].every((other) => !left.has(other)))
    if (next === undefined) return refuse({ code: 'circle', ids: circleIn(left, before) })
    ordered.push(next)
    left.delete(next)
  }
  return ok(ordered)
}

/** The first relation that an order breaks; null = it can be done so. */
export const brokenBy = (order: readonly string[], relations: readonly Relation[]): Relation | null =>
  relations.find(({ first, then }) => {
    const [a, b] = [order.indexOf(first), order.indexOf(then)]
    return a >= 0 && b >= 0 && a > b
  }) ?? null

/** Walks back from any of the steps that are left until one comes twice. */
function circleIn(
  left: ReadonlyMap<string, number>,
  before: ReadonlyMap<string, ReadonlySet<string>>,
): string[] {
  const path: string[] = []
  let at = [...left.keys()][0]
  while (at !== undefined && !path.includes(at)) {
    path.push(at)
    at = [...(before.get(at) ?? [])].find((id) => left.has(id))
  }
  return at === undefined ? path : path.slice(path.indexOf(at)).toReversed()
}
