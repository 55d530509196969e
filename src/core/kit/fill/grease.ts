import {
  cavityBetween,
  greaseFill,
  GREASED_BY_RULE,
  greasingOf,
  relubricationGrams,
  practiceFor,
  speedFactor,
  type FillPractice,
  type Greasing,
} from '../../grease'
import { variantOf } from '../../interchange'
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

const film = (slot: Slot, reason = 'A film only: sealed bearings bring their own fill.'): Filled =>
  grams(slot, 'water-resistant grease', FILM_GRAMS, reason)

/** How the part of a place is greased; one that nothing is known of is taken for open. */
function greasingIn({ value }: Filled, { context }: FillContext): Greasing {
  const known = knownPart(value)
  if (!known) return 'byHand'
  return greasingOf({ ...known, traits: variantOf(known.designation, context)?.traits ?? [] })
}

/** What is greased by its kind, not by the rule for rolling bearings (common practice). */
const BY_KIND: Partial<Record<Greasing, (slot: Slot) => Filled>> = {
  lining: (slot) =>
    grams(slot, 'no grease', 0, 'It runs dry on its lining: grease would only hold dirt against it.'),
  sliding: (slot) =>
    film(
      slot,
      'Steel on steel, seals or not: through its holes until it shows at the ball. One on a lining runs dry.',
    ),
  onBall: (slot) =>
    film(slot, 'Steel on steel without holes: onto the ball, turned all round, before it goes in.'),
  sparing: (slot) =>
    grams(
      slot,
      'soft grease without solids',
      FILM_GRAMS,
      'A film, or a light oil: what is stiff lets it slip.',
    ),
  rustFilm: (slot) =>
    film(
      slot,
      'It comes with a film against rust alone: grease into its balls before the shaft goes through, seals or not.',
    ),
}

const looseBalls = (slot: Slot): Filled => grams(slot, 'bearing grease', FILM_GRAMS, 'Both cups half full.')

/** Whole bearings are relubricated; those closed on both sides and hub units bring their own. */
function relubrication(slot: Slot, fillContext: FillContext): Filled {
  const bearings = wholeBearings(fillContext)
    .filter(({ slot: { role } }) => role !== 'hubUnit')
    .map(({ filled }) => ({ part: filled.part, greasing: greasingIn(filled, fillContext) }))
  const byRule = bearings.filter(({ greasing }) => GREASED_BY_RULE.has(greasing))
  if (byRule.length === 0) {
    if (fillContext.arrangement.slots.some(({ role }) => role === 'balls')) return looseBalls(slot)
    const ofKind = bearings.map(({ greasing }) => BY_KIND[greasing]).find((fill) => fill !== undefined)
    return ofKind?.(slot) ?? film(slot)
  }
  const total = byRule.reduce((sum, { part }) => sum + (part ? (relubricationGrams(part) ?? 0) : 0), 0)
  return grams(
    slot,
    'bearing grease',
    Math.max(FILM_GRAMS, Math.ceil(total)),
    byRule.every(({ greasing }) => greasing === 'filledAgain')
      ? 'It comes filled: this is what it takes at its nipple or hole when it is regreased, about 0.005 × outside × width (handbook rule). A new one only until grease shows.'
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
  const closed = wholeBearings(fillContext).every(
    ({ filled }) => greasingIn(filled, fillContext) === 'filled',
  )
  if (arrangement.filmOnly && closed) return film(slot)
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
