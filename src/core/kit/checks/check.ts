import type { Part } from '../../catalogue'
import type { Slot } from '../arrangement'
import type { FillContext } from '../fill'
import type { SlotRole } from '../roles'
import type { CheckFinding } from './facts'

/** Nothing when the rule has nothing to say of this kit. */
export type KitRule = (fillContext: FillContext) => CheckFinding[]

export const partAt = ({ filled }: FillContext, id: string | undefined): Part | null =>
  filled.get(id ?? '')?.part ?? null

export const slotsOf = ({ arrangement }: FillContext, role: SlotRole): Slot[] =>
  arrangement.slots.filter((slot) => slot.role === role)

export const nameOf = (slot: Slot): string => slot.side ?? slot.label.toLowerCase()

/** The slot that another leans on, or the nearest of a role before it. */
export const leansOn = ({ arrangement }: FillContext, slot: Slot, role: SlotRole): Slot | undefined => {
  const at = arrangement.slots.find(({ id, role: r }) => id === slot.at && r === role)
  return at ?? arrangement.slots.slice(0, arrangement.slots.indexOf(slot)).findLast((s) => s.role === role)
}
