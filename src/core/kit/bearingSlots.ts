import { axialHold } from '../catalogue'
import { isTaperedSet, knownPart, resolvePart, type Knowledge, type KnownPart } from '../part'
import type { Arrangement, Slot } from './arrangement'
import { isSeated } from './findBySeat'
import { bearingName, bearingSlots, type BearingSlot } from './bearingPlaces'
import { isWholeBearing, ROLES, type SlotRole } from './roles'

/** A bearing of a job as far as the kit asks for it. */
export interface JobBearing {
  /** such as inner, left, floating */
  name: string
  /** the place it fills, when it was named */
  slot: string
  /** what was decided; null = nothing yet */
  designation: string | null
}

/** Words of every place, which tell none apart. */
const GENERAL: ReadonlySet<string> = new Set([
  'bearing',
  'ball',
  'roller',
  'cone',
  'end',
  'side',
  'in',
  'of',
  'the',
])
/** What a place is called beside the word its arrangement has for it (common practice). */
const ALSO_CALLED: ReadonlyMap<string, string> = new Map([
  ['inside', 'inner'],
  ['inboard', 'inner'],
  ['outside', 'outer'],
  ['outboard', 'outer'],
  ['fixed', 'locating'],
  ['held', 'locating'],
  ['free', 'floating'],
  ['nonlocating', 'floating'],
  ['rear', 'behind'],
  ['back', 'behind'],
])

const wordsOf = (text: string): string[] =>
  text
    .toLowerCase()
    .replace(/\bnon[- ]locating\b/g, 'nonlocating')
    .split(/[^\p{L}\p{N}]+/u)
    .flatMap((word) => (word === '' || GENERAL.has(word) ? [] : [ALSO_CALLED.get(word) ?? word]))

/**
 * The place that a name tells: the one most of its words are about, none where two are as likely.
 * @param whole whether every word has to be about it: a name that is no place may hold such a word by chance, `front wheel`
 */
function placeNamed(slots: readonly Slot[], name: string, whole: boolean): Slot | undefined {
  const itself = slots.find(({ id }) => id === name.trim())
  if (itself) return itself
  const said = wordsOf(name)
  const [best, next] = slots
    .flatMap((slot) => {
      const own = new Set([slot.label, slot.side, slot.locating].flatMap((text) => wordsOf(text ?? '')))
      const about = said.filter((word) => own.has(word)).length
      if (about === 0 || (whole && about < said.length)) return []
      return [{ slot, about, left: own.size - about }]
    })
    .sort((a, b) => b.about - a.about || a.left - b.left)
  return best && next && best.about === next.about && best.left === next.left ? undefined : best?.slot
}

/**
 * The place a bearing of a job tells of itself: the one it names, else the one its name tells, else all alike when it is the
 * only bearing.
 * @param alone whether the job has no other bearing
 * @returns a name among the parts of a kit request; null when no place is meant
 */
export function slotOf(
  arrangement: Pick<Arrangement, 'slots'>,
  bearing: JobBearing,
  alone: boolean,
): string | null {
  const choices = bearingSlots(arrangement)
  if (choices.some(({ id }) => id === bearing.slot)) return bearing.slot
  const slot = placeNamed(
    arrangement.slots.filter(
      ({ role, mate }) => isWholeBearing(role) || (role === 'cone' && mate !== undefined),
    ),
    bearing.name,
    alone,
  )
  if (slot) return slot.role === 'cone' ? bearingName(slot) : slot.id
  if (!alone) return null
  const [first] = choices
  if (!first) return null
  // One bearing decided: a tapered set is that of the inner end, any other stands in every place.
  return first.takes === 'set' ? first.id : 'bearing'
}

/** Whether a bearing lets its shaft slide; null where it is not known. */
function slides({ designation }: JobBearing, knowledge: Knowledge): boolean | null {
  const known = designation === null ? null : knownPart(resolvePart(designation, knowledge))
  return known && known.kind === 'listed' ? axialHold(known.part) === 'slides' : null
}

/** Places for bearings that tell none, in the order of the bearings; empty where nothing tells which is whose. */
function placesLeft(
  { slots }: Pick<Arrangement, 'slots'>,
  left: readonly string[],
  bearings: readonly JobBearing[],
  knowledge: Knowledge,
): readonly string[] {
  if (bearings.length !== left.length) return []
  const [first, second] = bearings
  if (!first || !second) return left
  const alike = bearings.every(({ designation }) => designation !== null && designation === first.designation)
  if (alike) return left
  // Of two the one that lets its shaft slide is the floating one.
  const end = (which: Slot['locating']) =>
    slots.find(({ id, locating }) => locating === which && left.includes(id))?.id
  const [locating, floating] = [end('locating'), end('floating')]
  const [a, b] = [slides(first, knowledge), slides(second, knowledge)]
  if (left.length !== 2 || locating === undefined || floating === undefined) return []
  if (a === null || b === null || a === b) return []
  return a ? [floating, locating] : [locating, floating]
}

type Parts = Readonly<Record<string, string>>

const isOpen = (text: string | undefined): boolean => text === undefined || text === '' || text === 'auto'

/** The place, of those nobody names, that holds a number already. */
const holding = (places: readonly BearingSlot[], parts: Parts, { designation }: JobBearing): string | null =>
  places.find(
    ({ id, rings }) => designation !== null && [id, ...rings].some((name) => parts[name] === designation),
  )?.id ?? null

/**
 * The places that the bearings of a job fill, in their order. Those that tell none stand where their number was chosen; the others
 * get what is left where it is clear which is whose: the last place, places of bearings alike, locating and floating end by
 * how they hold the shaft.
 */
export function slotsFor(
  arrangement: Pick<Arrangement, 'slots'>,
  bearings: readonly JobBearing[],
  parts: Parts,
  knowledge: Knowledge,
): (string | null)[] {
  const told = bearings.map((bearing) => slotOf(arrangement, bearing, bearings.length === 1))
  if (bearings.length < 2) return told
  // Two that are called alike stand in one place by what was picked, never by the words.
  const slots = told.map((slot, i) =>
    slot !== bearings[i]?.slot && told.some((other, j) => j !== i && other === slot) ? null : slot,
  )
  const free = (): BearingSlot[] => bearingSlots(arrangement).filter(({ id }) => !slots.includes(id))
  bearings.forEach((bearing, i) => (slots[i] ??= holding(free(), parts, bearing)))
  const left = free().filter(
    ({ id, takes, rings }) =>
      [id, ...rings].every((name) => isOpen(parts[name])) && (takes === 'set' || isOpen(parts['bearing'])),
  )
  const silent = bearings.filter((_, i) => slots[i] === null)
  const places = placesLeft(
    arrangement,
    left.map(({ id }) => id),
    silent,
    knowledge,
  )
  return bearings.map((bearing, i) => slots[i] ?? places[silent.indexOf(bearing)] ?? null)
}

/** Places whose bearing sits on a shaft and in a bore. */
const SEATED: ReadonlySet<SlotRole> = new Set(['bearing', 'ballBearing'])

/** Whether every place for a bearing takes this part: which arrangements are likely, once something is decided. */
export function suitsArrangement({ slots }: Pick<Arrangement, 'slots'>, known: KnownPart): boolean {
  const choices = bearingSlots({ slots })
  return (
    choices.length > 0 &&
    choices.every(({ id, takes }) => {
      const role = slots.find((slot) => slot.id === id)?.role
      if (takes === 'set') return isTaperedSet(known)
      if (isTaperedSet(known) || role === undefined) return false
      return (ROLES[role].takes?.(known.part) ?? true) && (!SEATED.has(role) || isSeated(known.part))
    })
  )
}

/** Whether what was decided may stand in a place at all. */
export function suits(
  arrangement: Pick<Arrangement, 'slots'>,
  slot: string,
  designation: string,
  knowledge: Knowledge,
): boolean {
  const known = knownPart(resolvePart(designation, knowledge, { bySizes: 'deep-groove' }))
  if (!known) return true
  const found = bearingSlots(arrangement).find(({ id }) => id === slot)
  const takes = found?.takes ?? bearingSlots(arrangement)[0]?.takes
  return known.kind === 'own' || known.kind === 'bySizes' || (takes === 'set') === isTaperedSet(known)
}

/**
 * Puts what was decided for the bearings of a job into the parts of its kit: a place that is open, or still holds what was
 * decided before, follows the decision; what somebody chose there stays.
 * @param before the same bearings as they were, in the same order
 */
export function withDecisions(
  arrangement: Pick<Arrangement, 'slots'>,
  parts: Readonly<Record<string, string>>,
  bearings: readonly JobBearing[],
  knowledge: Knowledge,
  before: readonly JobBearing[] = [],
): Record<string, string> {
  const next = new Map(Object.entries(parts))
  const [slots, slotsBefore] = [
    slotsFor(arrangement, bearings, parts, knowledge),
    slotsFor(arrangement, before, parts, knowledge),
  ]
  bearings.forEach((bearing, i) => {
    const slot = slots[i] ?? null
    if (slot === null) return
    const was = before[i]
    // A bearing that was the first alone and has been given a name since filled the place of one alone.
    const left = was && (slotsBefore[i] ?? slotOf(arrangement, was, true))
    // It stands elsewhere now: the place it filled before is open again.
    if (left && left !== slot && next.get(left) === was.designation) next.delete(left)
    const there = next.get(slot)
    const decidedBefore = was?.designation ?? null
    const free = isOpen(there) || there === decidedBefore
    if (!free) return
    if (bearing.designation === null) {
      if (there !== undefined && there === decidedBefore) next.delete(slot)
    } else if (suits(arrangement, slot, bearing.designation, knowledge)) next.set(slot, bearing.designation)
  })
  return Object.fromEntries(next)
}
