import { recommendSeat, type Material, type UsualSeat } from '@/core/fit'
import { MM_PER_INCH } from '@/core/quantity'
import type { FittingDraft, SeatsResponse } from '@/contract/plan'
import * as texts from '@/texts/fits'

export type Seat = SeatsResponse['seats'][number]
/** What is shown of a seat; its usual class is worked out where it is shown. */
export type ShownSeat = Omit<Seat, 'recommended'>
export type TypedSeat = FittingDraft['seats'][string]

/**
 * Usual class and clearance of a seat as it stands now: worked out here, so that a changed load or material counts at once, by
 * the rule the plan uses.
 */
export const usualOf = (
  seat: ShownSeat,
  typed: TypedSeat,
  load: FittingDraft['load'],
  material: Material | null,
): UsualSeat =>
  recommendSeat({
    ring: seat.ring,
    rotatingRing: seat.rotatingRing,
    byThumb: seat.byThumb,
    kind: seat.kind,
    load,
    boreMm: seat.bore,
    outsideMm: seat.outside,
    family: seat.family,
    clearance: typed.clearance ?? seat.clearance,
    precision: seat.precision,
    lightAlloy: seat.ring === 'outer' && (material === 'aluminium' || material === 'magnesium'),
  })

/** About nominal, µm. */
export interface Limits {
  lower: number
  upper: number
}

/** Fields of the panes, as typed, by pane and name. */
export type Fields = Readonly<Record<string, string>>
export type SetField = (name: string, value: string) => void

/** A size in both units, the way it is read across a counter. */
export const bothUnits = (mm: number): string =>
  texts.mmIn(mm.toFixed(mm < 10 ? 2 : 1), (mm / MM_PER_INCH).toFixed(3))
/** Micrometres as ten-thousandths of an inch are told: 0.0008. */
export const umInches = (um: number): string => signedMm(um / 1000 / MM_PER_INCH, 4)

export const signedMm = (mm: number, digits: number): string =>
  `${mm > 0 ? '+' : mm < 0 ? '−' : ''}${Math.abs(mm).toFixed(digits)}`
export const signedUm = (value: number): string =>
  `${value > 0 ? '+' : value < 0 ? '−' : ''}${Math.abs(Math.round(value * 10) / 10)}`
