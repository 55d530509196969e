import type { Part } from '../../catalogue'
import { knownPart, listedPart, writePart, type Knowledge, type PartValue } from '../../part'
import type { Arrangement, Slot } from '../arrangement'
import type { Filled, KitRequest, SupplyOf } from '../kit'

/** What a filler may look at: the request and what stands in the slots before it. */
export interface FillContext extends Knowledge {
  arrangement: Arrangement
  request: KitRequest
  filled: ReadonlyMap<string, Filled>
  supplyOf: SupplyOf
  /** slot id → designation chosen before: it stays as long as it is among what fits, whatever lies in the bins now */
  current: Readonly<Record<string, string>>
}

export const gap = (slot: Slot, reason: string, alternatives: string[] = []): Filled => ({
  slot,
  state: 'gap',
  designation: '',
  value: null,
  part: null,
  reason,
  alternatives,
})

/** A place that nothing tells: it is written by hand. */
export const fillPlain = (slot: Slot): Filled =>
  gap(
    slot,
    slot.mayStay
      ? 'Write what is on the machine, or reuse the old part where it is sound.'
      : 'Write what is on the machine.',
  )

/** A place filled with a part as it was resolved. */
export const filledWith = (
  slot: Slot,
  value: PartValue,
  reason: string,
  more: Partial<Filled> = {},
): Filled => ({
  slot,
  state: 'filled',
  designation: writePart(value),
  value,
  part: knownPart(value)?.part ?? null,
  reason,
  ...more,
})

/** A place filled with a row of the catalogue. */
export const chosen = (
  slot: Slot,
  part: Part,
  { context }: FillContext,
  reason: string,
  more: Partial<Filled> = {},
): Filled => filledWith(slot, listedPart(part, context), reason, more)

export const partIn = ({ filled }: FillContext, id: string | undefined): Part | null =>
  id === undefined ? null : (filled.get(id)?.part ?? null)
