import { HUB_BARE } from './attachments'
import { fitOf, inBoth, isTight, type Placed } from './facts'
import { hubHeat, hubPlaces, warmsHub } from './hubHeat'
import type { PlanFacts, SeatFit } from './plan'
import { axleInTheWay } from './reach'

const sleeveWords = ({ sleeve, ring }: SeatFit): string =>
  sleeve === null
    ? 'By hand'
    : `Sleeve on the ${ring} ring, ${inBoth(sleeve.insideMm)} inside, ${inBoth(sleeve.outsideMm)} outside`

const untilCold = ({ arrangement }: PlanFacts): string =>
  ` After heat hold it seated until the ${arrangement.hub} is cool, then measure the depth.`

/** How a ring goes in, and what is said beside it. */
export interface Driven {
  tool: string
  /** after the words of the step */
  after: string
  /** heat is said first: the school of the shop stands beside it */
  heated?: true
}

/** Cups of one hub are treated alike: by heat where heat is enough for each of them, and then as hot as the tightest wants. */
const heatedAlike = (facts: PlanFacts, { slot }: Placed, fit: SeatFit): SeatFit[] =>
  slot.role !== 'cup'
    ? [fit]
    : hubPlaces(facts).flatMap((other) => {
        const its = other.slot.role === 'cup' ? fitOf(facts, other.slot.id, 'outer') : undefined
        return its && isTight(its) ? [its] : []
      })

/**
 * How a tight ring goes in: heat or force, by the school of the shop and by what the parts and the hub bear.
 * @param before places fitted before this one
 */
export function driving(
  facts: PlanFacts,
  place: Placed,
  fit: SeatFit | undefined,
  before: readonly Placed[],
): Driven {
  if (!fit) return { tool: '', after: '' }
  if (!isTight(fit)) return { tool: 'By hand: a slide fit, a film of oil', after: '' }
  const force = fit.forceKn > 0 ? `, up to about ${fit.forceKn.toFixed(1)} kN` : ''
  // Nothing goes through a bore that its axle stands in.
  const axle = axleInTheWay(facts, place, before)
  const over = axle ? `, over the axle that is in: open through, deeper than the axle stands out` : ''
  const pressed = `${sleeveWords(fit)}${over}${force}${fit.rod && !axle ? ` (or ${fit.rod.thread} rod through this sleeve, its far washer on the ${facts.arrangement.hub}, wider than ${inBoth(fit.rod.overMm)})` : ''}`
  if (facts.schools.heat !== 'heat') return { tool: pressed, after: '' }
  if (!warmsHub(facts, fit))
    return fit.byHeat
      ? { tool: `${fit.heatAdvice} Else: ${pressed}`, after: '', heated: true }
      : { tool: pressed, after: '' }
  const alike = heatedAlike(facts, place, fit)
  if (!alike.every(({ byHeat }) => byHeat)) return { tool: pressed, after: '' }
  const heat = hubHeat(facts, place, fit, before)
  if (!heat.may) return { tool: `No heat, ${heat.why}. ${pressed}`, after: '' }
  if (heat.together)
    return { tool: `In the same heat as the one before it. Else: ${pressed}`, after: untilCold(facts) }
  const { heatAdvice } = alike.reduce((a, b) => (b.celsius > a.celsius ? b : a))
  const bare = facts.hubHas === null ? ` ${HUB_BARE}` : ''
  return { tool: `${heatAdvice}${bare} Else: ${pressed}`, after: untilCold(facts), heated: true }
}

/** Which ring the force goes through. */
export function through(facts: PlanFacts, slot: string): string {
  const known = facts.fits.some((fit) => fit.slot === slot)
  if (!known) return 'Press only on the ring that is tight, never on the seal.'
  const [inner, outer] = [isTight(fitOf(facts, slot, 'inner')), isTight(fitOf(facts, slot, 'outer'))]
  if (inner && outer) return 'Both rings are tight: press on both together with a flat plate.'
  if (inner) return 'Press only on the inner ring.'
  if (outer) return 'Press only on the outer ring, never on the seal.'
  return 'Slides on by hand; if it does not, find out why.'
}
