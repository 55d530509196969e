import type { Driven, Pressed, RingPressed } from './driven'
import { fitOf, isTight, type SlotLine } from './facts'
import { hubHeat, hubSlotLines, warmsHub } from './hubHeat'
import type { PlanFacts, SeatFit } from './plan'
import { axleInTheWay } from './reach'

/** Cups of one hub are treated alike: by heat where heat is enough for each of them, and then as hot as the tightest wants. */
const heatedAlike = (facts: PlanFacts, { slot }: SlotLine, fit: SeatFit): SeatFit[] =>
  slot.role !== 'cup'
    ? [fit]
    : hubSlotLines(facts).flatMap((other) => {
        const its = other.slot.role === 'cup' ? fitOf(facts, other.slot.id, 'outer') : undefined
        return its && isTight(its) ? [its] : []
      })

function pressedBy(facts: PlanFacts, slotLine: SlotLine, fit: SeatFit, before: readonly SlotLine[]): Pressed {
  const { ring, sleeve, rod, forceKn } = fit
  const overAxle = axleInTheWay(facts, slotLine, before)
  return { ring, sleeve, overAxle, forceKn, rod: overAxle ? null : rod, hub: facts.arrangement.hub }
}

/**
 * How a tight ring goes in: heat or force, by the practice of the shop and by what the parts and the hub bear.
 * @param before places fitted before this one
 */
export function driving(
  facts: PlanFacts,
  slotLine: SlotLine,
  fit: SeatFit | undefined,
  before: readonly SlotLine[],
): Driven {
  if (!fit) return { how: 'unknown' }
  if (!isTight(fit)) return { how: 'slides' }
  const press = pressedBy(facts, slotLine, fit, before)
  if (facts.practices.heat !== 'heat') return { how: 'pressed', press }
  if (!warmsHub(facts, fit))
    return fit.byHeat
      ? { how: 'heated', advice: fit.heatAdvice, sayBare: false, cools: null, press }
      : { how: 'pressed', press }
  const alike = heatedAlike(facts, slotLine, fit)
  if (!alike.every(({ byHeat }) => byHeat)) return { how: 'pressed', press }
  const heat = hubHeat(facts, slotLine, fit, before)
  const cools = facts.arrangement.hub
  if (!heat.may) return { how: 'no heat', why: heat.why, press }
  if (heat.together) return { how: 'in the same heat', cools, press }
  const { heatAdvice } = alike.reduce((a, b) => (b.celsius > a.celsius ? b : a))
  return { how: 'heated', advice: heatAdvice, sayBare: facts.hubHas === null, cools, press }
}

/** Which ring the force goes through. */
export function ringPressed(facts: PlanFacts, slot: string): RingPressed {
  if (!facts.fits.some((fit) => fit.slot === slot)) return 'unknown'
  const [inner, outer] = [isTight(fitOf(facts, slot, 'inner')), isTight(fitOf(facts, slot, 'outer'))]
  return inner && outer ? 'both' : inner ? 'inner' : outer ? 'outer' : 'slides'
}
