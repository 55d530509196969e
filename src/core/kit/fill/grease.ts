import { findPart } from '../../catalogue'
import { cavityBetween, greaseFill, relubricationGrams, speedFactor, type FillSchool } from '../../grease'
import type { Arrangement, Slot } from '../arrangement'
import type { Filled } from '../kit'
import { gap, isBearing, type Bench } from './bench'

const SCHOOL_WORDS: Record<FillSchool, string> = {
  hubFull: 'slow wheel: bearings and cavity full',
  bearingsFullCavityThird: 'bearings full, a third of the cavity',
  bearingsThird: 'fast: bearings a third, cavity empty',
}

/** A film for lips, axle and spacers of sealed bearings, g (common practice). */
const FILM_GRAMS = 5

/** Whole bearings are relubricated: sealed ones bring their own. */
function relubrication(slot: Slot, arrangement: Arrangement, filled: ReadonlyMap<string, Filled>): Filled {
  const bearings = arrangement.slots.flatMap(({ id, role }) =>
    isBearing(role) ? (filled.get(id)?.part ?? []) : [],
  )
  const grams = bearings.reduce(
    (sum, { dimensions: { outside = 0, width = 0, outerRingWidth } }) =>
      sum + relubricationGrams(outside, outerRingWidth ?? width),
    0,
  )
  return {
    slot,
    state: 'filled',
    designation: 'bearing grease',
    part: null,
    reason:
      grams > 0
        ? 'About 0.005 × outside × width for each bearing (handbook, from memory); sealed ones bring their own.'
        : 'A film; nothing known to work the quantity out from.',
    quantity: Math.max(FILM_GRAMS, Math.ceil(grams)),
    unit: 'g',
  }
}

/** How much of it, by what the kit holds: a film, a relubrication, or bearings and cavity. */
export function fillGrease(slot: Slot, { arrangement, filled, request, language }: Bench): Filled {
  if (arrangement.filmOnly)
    return {
      slot,
      state: 'filled',
      designation: 'water-resistant grease',
      part: null,
      reason: 'A film only: sealed bearings bring their own fill.',
      quantity: FILM_GRAMS,
      unit: 'g',
    }
  const pairs = arrangement.slots.filter(({ role, mate }) => role === 'cone' && mate !== undefined)
  if (pairs.length === 0) return relubrication(slot, arrangement, filled)
  const sets = pairs.flatMap(({ id, mate }) => {
    const [cone, cup] = [filled.get(id)?.part, filled.get(mate ?? '')?.part]
    return cone && cup ? (findPart(language.catalogue, `${cone.base}/${cup.base}`) ?? []) : []
  })
  if (sets.length === 0) return gap(slot, 'Follows from the bearings.')
  const outsides = sets.map((set) => set.dimensions.outside ?? 0)
  const bores = sets.map((set) => set.dimensions.bore ?? 0)
  const between = cavityBetween(sets.map((set) => set.dimensions))
  const { cavityLength, rpm } = request.sizes
  const cavity = cavityLength === undefined || !between ? null : { lengthMm: cavityLength, ...between }
  const factor = rpm === undefined ? null : speedFactor(rpm, Math.max(...bores), Math.max(...outsides))
  const amount = greaseFill(sets, cavity, factor)
  const room = cavity ? '' : ' Measure the length between the bearings to add the cavity.'
  const reason = `${SCHOOL_WORDS[amount.school]}: ${amount.bearingMl.toFixed(0)} ml in the bearings, ${amount.cavityMl.toFixed(0)} ml in the hub.${room}`
  return {
    slot,
    state: 'filled',
    designation: 'wheel bearing grease',
    part: null,
    reason: reason[0]?.toUpperCase() + reason.slice(1),
    quantity: Math.ceil(amount.grams),
    unit: 'g',
  }
}
