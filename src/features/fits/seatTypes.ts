import type { FittingDraft, SeatsResponse } from '@/services/schemas/plan'

export type Seat = SeatsResponse['seats'][number]
export type TypedSeat = FittingDraft['seats'][string]

/** About nominal, µm. */
export interface Limits {
  lower: number
  upper: number
}

/** Fields of the panes, as typed, by pane and name. */
export type Fields = Readonly<Record<string, string>>
export type SetField = (name: string, value: string) => void

export const figure = (text: string | undefined): number =>
  Number((text ?? '').trim().replace(',', '.') || NaN)
/** A figure that is there and can be read, else nothing. */
export const given = (text: string | undefined): number | undefined => {
  const value = figure(text)
  return Number.isFinite(value) ? value : undefined
}
export const signedMm = (mm: number, digits: number): string =>
  `${mm > 0 ? '+' : mm < 0 ? '−' : ''}${Math.abs(mm).toFixed(digits)}`
export const signedUm = (value: number): string =>
  `${value > 0 ? '+' : value < 0 ? '−' : ''}${Math.abs(Math.round(value * 10) / 10)}`
