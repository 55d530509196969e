import {
  cavityBetween,
  greaseFill,
  isRegreased,
  relubricationGrams,
  practiceFor,
  speedFactor,
  type FillPractice,
} from '../../grease'
import { knownPart } from '../../part'
import type { Slot } from '../arrangement'
import type { Filled } from '../kit'
import { betweenCups } from '../sizes'
import { taperedSets, wholeBearings } from './bearings'
import { filledWith, gap, type FillContext } from './fillContext'

const PRACTICE_REASON: Record<FillPractice, string> = {
  hubFull: 'Slow wheel: bearings and cavity full',
  bearingsFullCavityThird: 'Bearings full, a third of the cavity',
  bearingsThird: 'Fast: bearings a third, cavity empty',
}

/** A film for lips, axle and spacers of sealed bearings, g (common practice). */
const FILM_GRAMS = 5

const grams = (slot: Slot, text: string, quantity: number, reason: string): Filled =>
  filledWith(slot, { kind: 'text', text }, reason, { quantity, unit: 'g' })

const film = (slot: Slot): Filled =>
  grams(slot, 'water-resistant grease', FILM_GRAMS, 'A film only: sealed bearings bring their own fill.')

/** Whether grease is given to a bearing once it is in: one that nothing is known of is taken for open. */
function takesGrease({ value }: Filled): boolean {
  const known = knownPart(value)
  return !known || isRegreased(known)
}

/** Whole bearings are relubricated; those closed on both sides and hub units bring their own. */
function relubrication(slot: Slot, fillContext: FillContext): Filled {
  const open = wholeBearings(fillContext).filter(
    ({ slot: { role }, filled }) => role !== 'hubUnit' && takesGrease(filled),
  )
  if (open.length === 0) return film(slot)
  const total = open.reduce((sum, { filled: { part } }) => {
    const { outside = 0, width = 0, outerRingWidth } = part?.dimensions ?? {}
    return sum + relubricationGrams(outside, outerRingWidth ?? width)
  }, 0)
  return grams(
    slot,
    'bearing grease',
    Math.max(FILM_GRAMS, Math.ceil(total)),
    open.every(({ slot: { role } }) => role === 'insert')
      ? 'An insert comes filled: this is what it takes at the nipple when it is regreased, about 0.005 × outside × width (handbook rule). A new one only until grease shows.'
      : total > 0
        ? 'About 0.005 × outside × width for each open bearing (handbook rule); sealed ones bring their own.'
        : 'A film; nothing known to work the quantity out from.',
  )
}

/** How the hub of a tapered pair is filled: as the shop does, else by its speed. */
export function fillPracticeOf(fillContext: FillContext): FillPractice {
  const { greaseFill: wanted, sizes } = fillContext.request
  if (wanted) return wanted
  const sets = taperedSets(fillContext).map(({ set }) => set.dimensions)
  const largest = (of: 'bore' | 'outside') => Math.max(0, ...sets.map((d) => d[of] ?? 0))
  return practiceFor(
    sizes.rpm === undefined ? null : speedFactor(sizes.rpm, largest('bore'), largest('outside')),
  )
}

/** How much of it, by what the kit holds: a film, a relubrication, or bearings and cavity. */
export function fillGrease(slot: Slot, fillContext: FillContext): Filled {
  const { arrangement, request } = fillContext
  const open = wholeBearings(fillContext).some(({ filled }) => takesGrease(filled))
  if (arrangement.filmOnly && !open) return film(slot)
  if (!arrangement.slots.some(({ role, mate }) => role === 'cone' && mate !== undefined))
    return relubrication(slot, fillContext)
  const sets = taperedSets(fillContext).map(({ set }) => set)
  if (sets.length === 0) return gap(slot, 'Follows from the bearings.')
  const between = cavityBetween(sets.map((set) => set.dimensions))
  const lengthMm = betweenCups(request.sizes, arrangement.sizes)
  const cavity = lengthMm === undefined || !between ? null : { lengthMm, ...between }
  const amount = greaseFill(sets, cavity, null, fillPracticeOf(fillContext))
  const room = cavity
    ? ''
    : ' The cavity is not in it: measure the length between the bearings to add its share.'
  return grams(
    slot,
    'wheel bearing grease',
    Math.ceil(amount.grams),
    `${PRACTICE_REASON[amount.practice]}: ${amount.bearingMl.toFixed(0)} ml in the bearings${amount.cavityMl > 0 ? `, ${amount.cavityMl.toFixed(0)} ml in the hub` : ''}.${room}`,
  )
}
