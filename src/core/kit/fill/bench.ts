import type { Part } from '../../catalogue'
import type { Language } from '../../designation'
import type { Arrangement, Slot, SlotRole } from '../arrangement'
import type { Filled, KitRequest, SupplyOf } from '../kit'

/** What a filler may look at: the request and what stands in the slots before it. */
export interface Bench {
  arrangement: Arrangement
  request: KitRequest
  language: Language
  filled: ReadonlyMap<string, Filled>
  supplyOf: SupplyOf
}

export const gap = (slot: Slot, reason: string, alternatives: string[] = []): Filled => ({
  slot,
  state: 'gap',
  designation: '',
  part: null,
  reason,
  alternatives,
})

export const chosen = (slot: Slot, part: Part, reason: string, more: Partial<Filled> = {}): Filled => ({
  slot,
  state: 'filled',
  designation: part.base,
  part,
  reason,
  ...more,
})

export const made = (slot: Slot, designation: string, reason: string): Filled => ({
  slot,
  state: 'filled',
  designation,
  part: null,
  reason,
})

export const partIn = ({ filled }: Bench, id: string | undefined): Part | null =>
  id === undefined ? null : (filled.get(id)?.part ?? null)

/** Places that hold one whole bearing. */
export const isBearing = (role: SlotRole): boolean =>
  role === 'ballBearing' || role === 'bearing' || role === 'insert' || role === 'hubUnit'
