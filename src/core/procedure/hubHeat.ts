import { isWholeBearing } from '../kit'
import type { NoHeat } from './driven'
import { fitOf, isTight, slotLinesOf, type SlotLine } from './facts'
import type { PlanFacts, SeatFit } from './plan'

/** A sealed or greased bearing bears no more than this, °C (common practice: 80 to 100). */
const MAX_BEARING_CELSIUS = 80

/** Roles whose parts are driven into the hub. */
const sitsInHub = ({ slot }: SlotLine): boolean =>
  (slot.role === 'cup' || isWholeBearing(slot.role)) && !slot.byThumb

const inOneHub = (a: SlotLine, b: SlotLine): boolean => a.slot.carrier === b.slot.carrier

/** Whether a ring is heated to fit by warming the hub around it, not the bearing itself. */
export const warmsHub = ({ arrangement }: PlanFacts, fit: SeatFit): boolean =>
  fit.ring === 'outer' && arrangement.rotatingRing !== 'inner'

export type HubHeat =
  /** as the fit says */
  { may: true; together: boolean } | { may: false; why: NoHeat }

/**
 * Whether the hub may be heated for a ring, given what is on it and what went in before. The lowest limit rules; cups of one hub go
 * in in one heat, a sealed bearing that is already in it forbids more than its grease bears (common practice).
 * @param before places fitted into the hub before this one
 */
export function hubHeat(
  facts: PlanFacts,
  slotLine: SlotLine,
  fit: SeatFit,
  before: readonly SlotLine[],
): HubHeat {
  const attached = facts.hubHas ?? []
  const spoilt = attached.filter((what) => what !== 'otherBearing' || fit.celsius > MAX_BEARING_CELSIUS)
  if (spoilt.length > 0) return { may: false, why: { on: spoilt } }
  const there = before.filter((other) => sitsInHub(other) && inOneHub(other, slotLine))
  const greased = there.some(({ slot }) => slot.role !== 'cup')
  if (greased && fit.celsius > MAX_BEARING_CELSIUS)
    return { may: false, why: { bearingIn: facts.arrangement.hub } }
  const heated = (other: SlotLine): boolean => {
    const its = fitOf(facts, other.slot.id, 'outer')
    return its !== undefined && its.byHeat && isTight(its)
  }
  return { may: true, together: there.some(heated) }
}

/** Places that are driven into a hub, in this order of places. */
export const hubSlotLines = (facts: PlanFacts): SlotLine[] => slotLinesOf(facts).filter(sitsInHub)
