import type { FittingDraft, SeatsResponse } from '@/contract/plan'
import { usualOf, type Seat } from './seatTypes'

/** The seat that is chosen, else the first, with what was typed of it and the class of the bearing's other ring. */
export function seatInHand({ seats }: Pick<SeatsResponse, 'seats'>, draft: FittingDraft, chosen = '') {
  const materialOf = ({ body, material }: Seat) => draft.materials[body] ?? material
  const typedOf = ({ id }: Seat) => draft.seats[id] ?? {}
  const seat = seats.find(({ id }) => id === chosen) ?? seats[0]
  if (!seat) return null
  const other = seats.find(({ slot, ring }) => slot === seat.slot && ring !== seat.ring)
  const otherClass = (of: Seat) =>
    typedOf(of).class?.trim() || usualOf(of, typedOf(of), draft.load, materialOf(of)).class
  return {
    seat,
    typed: typedOf(seat),
    load: draft.load,
    material: materialOf(seat),
    otherClass: other && otherClass(other),
  }
}
