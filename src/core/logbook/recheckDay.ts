import { addDays } from '../dates'

export const METERS = ['days', 'km', 'hours'] as const

/**
 * The day a recheck is due that was set by distance, by hours or by days.
 * @param from ISO date the part was fitted
 * @param amount of the meter, more than 0
 * @param perDay distance or hours of one day's work, more than 0; 1 for days
 * @example recheckDay('2026-05-01', 200, 40) // '2026-05-06'
 */
export const recheckDay = (from: string, amount: number, perDay: number): string =>
  addDays(from, Math.max(1, Math.ceil(amount / perDay)))
