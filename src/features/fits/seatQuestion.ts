import { readSeat, type UsualSeat } from '@/core/fit'
import { guessInstrument } from '@/core/quantity'
import type { FitRequest } from '@/contract/fit'
import type { FittingDraft, SeatsResponse } from '@/contract/plan'
import { seatInHand } from './seatInHand'
import type { SeatProps } from './SeatInputs'
import { usualOf, type Seat } from './seatTypes'

/** What is asked of the server for a seat as it is typed. */
export function seatQuestion(
  { seat, typed, material, otherClass }: Pick<SeatProps, 'seat' | 'typed' | 'material' | 'otherClass'>,
  usual: UsualSeat,
): FitRequest & { family: Seat['family'] } {
  const readings = readSeat(typed.readings ?? '')
  return {
    ring: seat.ring,
    class: typed.class?.trim() || usual.class,
    bore: seat.bore,
    outside: seat.outside,
    width: seat.width,
    clearanceClass: typed.clearance ?? seat.clearance,
    family: seat.family,
    kind: seat.kind,
    ...(seat.shaftMm !== undefined && { shaftMm: seat.shaftMm }),
    // Shields and seals both keep a grease that heat harms.
    sealed: seat.sealed,
    precision: seat.precision,
    wheel: seat.rotatingRing === 'outer',
    byThumb: seat.byThumb,
    ...(typed.wall?.trim() && (seat.ring === 'inner' ? { hollow: typed.wall } : { hubOutside: typed.wall })),
    ...(material && { materials: { [seat.ring === 'inner' ? 'shaft' : 'housing']: material } }),
    ...(otherClass && { otherClass }),
    ...(readings.length > 0 && {
      readings,
      instrument: typed.instrument ?? guessInstrument(readings.map((r) => r.value)),
    }),
  }
}

/** What is asked for the seat a job's fits open with; null where the kit has none. */
export function firstSeatQuestion(answer: SeatsResponse, draft: FittingDraft) {
  const inHand = seatInHand(answer, draft)
  if (!inHand) return null
  const { seat, typed, load, material } = inHand
  return { body: seatQuestion(inHand, usualOf(seat, typed, load, material)) }
}
