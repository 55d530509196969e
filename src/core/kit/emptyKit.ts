import type { Arrangement } from './arrangement'
import type { Kit } from './kit'

/** A kit in which nothing stands yet: every place of the arrangement is open. For drawing an arrangement while it is made. */
export const emptyKit = ({ code, slots }: Pick<Arrangement, 'code' | 'slots'>): Kit => ({
  arrangement: code,
  positions: 1,
  lines: slots.map((slot) => ({
    slot: slot.id,
    role: slot.role,
    label: slot.label,
    designation: '',
    value: null,
    stays: false,
    quantityPerPosition: slot.perPosition,
    quantity: slot.perPosition,
    unit: slot.role === 'grease' ? 'g' : 'pcs',
    singleUse: slot.singleUse,
    state: 'gap',
    reason: '',
    assumed: false,
    note: slot.note,
    alternatives: [],
    price: null,
    stock: null,
  })),
  checks: [],
  absent: [],
  complete: false,
  price: null,
  next: null,
  tools: [],
})
