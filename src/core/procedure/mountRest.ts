import type { Slot, SlotRole } from '../kit'
import { isTapered, nameOf, slotLinesOf, stepAt, type SlotLine } from './facts'
import type { Ordered } from './ordered'
import type { PlanFacts } from './plan'
import { MOVED } from './relations'

/** A snap ring on a standing axle holds the wheel: it goes on when the wheel is there. */
export const holdsWheel = ({ arrangement }: PlanFacts, { slot }: SlotLine): boolean =>
  slot.ring === 'shaft' && arrangement.rotatingRing === 'outer'

/** Something to look at while fitting: an encoder by a paper clip, others by their note. */
export function looked(facts: PlanFacts, slotLine: SlotLine): Ordered[] {
  const { slot, line } = slotLine
  const noted = { code: 'looked', data: { name: line.label, note: line.note } } as const
  if (slot.senses === undefined) return [{ ...stepAt('mount', slotLine), order: 39, ...noted }]
  if (facts.encoder === null)
    return [{ ...stepAt('mount', slotLine), order: 39, code: 'encoderFound', data: { name: line.label } }]
  return facts.encoder && slot.senses === 'sensor'
    ? [{ ...stepAt('mount', slotLine), order: 88, ...noted }]
    : []
}

/** When parts are fitted, by role; without an order a part follows the place before it (common practice). */
const ORDER: Partial<Record<SlotRole, number>> = {
  housing: 42,
  boltOnUnit: 40,
  bolts: 41,
  retainer: 54,
  ballCup: 32,
  ballCone: 56,
  adjustingCone: 62,
  dustCover: 57,
  cover: 92,
  shield: 38,
  axle: 45,
  pin: 70,
  hubBody: 56,
  shims: 78,
  studs: 35,
  plainWasher: 82,
  clampNut: 86,
  clampScrew: 86,
  ringNut: 84,
  lockingRingNut: 87,
  jamNut: 86,
  axleNut: 86,
  tabWasher: 85,
  setScrews: 86,
  cup: 31,
  ballBearing: 50,
  bearing: 50,
  thrustBearing: 50,
  rodEnd: 50,
  sphericalPlain: 50,
  trackRoller: 50,
  clutch: 50,
  insert: 40,
  hubUnit: 40,
  spacerTube: 45,
  seal: 66,
  snapRing: 71,
  wheelSpacer: 72,
  cone: 80,
  washer: 82,
  castleNut: 84,
  lockWasher: 52,
  lockNut: 53,
  collar: 77,
}

/** Where no order is known. */
const ANYWHERE = 70

/** A part the role says nothing of comes right after the place its author put it behind. */
function afterItsNeighbour({ arrangement: { slots } }: PlanFacts, slot: Slot): number {
  const before = slots.slice(0, slots.indexOf(slot)).findLast(({ role }) => ORDER[role] !== undefined)
  return (before ? (ORDER[before.role] ?? ANYWHERE) : ANYWHERE) + slots.indexOf(slot) / 1000
}

/** When a part is fitted: as its role says, else after its neighbour. */
export const orderOf = (facts: PlanFacts, slot: Slot): number =>
  ORDER[slot.role] ?? afterItsNeighbour(facts, slot)

/** A part that no rule says more of than its role. */
export function otherPart(facts: PlanFacts, slotLine: SlotLine): Ordered {
  const { slot, line } = slotLine
  return {
    ...stepAt('mount', slotLine),
    order: orderOf(facts, slot),
    code: 'fitted',
    data: { name: nameOf(slotLine), role: slot.role, note: line.note },
  }
}

/** Wheel back in its place, once everything that sits in it is in. */
export function hubStep(facts: PlanFacts): Ordered | null {
  const { arrangement } = facts
  const { hub } = arrangement
  const has = (...roles: SlotRole[]): boolean =>
    slotLinesOf(facts).some(({ slot }) => roles.includes(slot.role))
  if (isTapered(facts))
    return {
      id: 'mount.hub',
      node: MOVED.hub,
      order: 75,
      code: 'hubOn',
      data: { hub, onto: 'spindle' },
    }
  // An axle or pin that is a part of its own goes through by its own step.
  if (has('axle', 'pin') || arrangement.rotatingRing !== 'outer' || !has('ballBearing')) return null
  const frame = { id: 'mount.wheel', node: MOVED.hub }
  return has('wheelSpacer')
    ? { ...frame, order: 74, code: 'wheelIn', data: { axle: 'through' } }
    : { ...frame, order: 60, code: 'hubOn', data: { hub, onto: 'axle' } }
}
