import { addDays } from '../dates'

/** A seat as it was measured once: the mean of its readings. */
export interface SeatMeasured {
  /** ISO date */
  on: string
  mm: number
}

export interface WearTrend {
  /** mm a year; plus = grows */
  perYearMm: number
  /** 95 % limits of that */
  lowerMm: number
  upperMm: number
  /** day the limit is reached on this line, ISO date; null = not on its way there, or too far ahead to say */
  limitOn: string | null
}

/** A line through fewer days than this says nothing of its own uncertainty. */
export const MIN_MEASURED = 3
const DAY_MS = 86_400_000
const YEAR_DAYS = 365.25
/** Further ahead than this a straight line is no forecast. */
const FURTHEST_YEARS = 20

/** Two-sided 95 % points of Student's t for 1 to 30 degrees of freedom (any table of the t distribution, from memory). */
const T_95 = [
  12.706, 4.303, 3.182, 2.776, 2.571, 2.447, 2.365, 2.306, 2.262, 2.228, 2.201, 2.179, 2.16, 2.145, 2.131,
  2.12, 2.11, 2.101, 2.093, 2.086, 2.08, 2.074, 2.069, 2.064, 2.06, 2.056, 2.052, 2.048, 2.045, 2.042,
]
const T_MANY = 1.96

/**
 * The straight line through what a seat measured over the years, by least squares, and the day on which it reaches its limit.
 * @param measured days apart; several on one day count each
 * @param limitMm the largest bore or the smallest shaft its class allows; null = nobody has said
 * @returns null with fewer than `MIN_MEASURED` measurements, or all on one day: too few to say
 */
export function wearTrend(measured: readonly SeatMeasured[], limitMm: number | null): WearTrend | null {
  const points = measured.map(({ on, mm }) => ({ year: Date.parse(on) / DAY_MS / YEAR_DAYS, mm }))
  const n = points.length
  if (n < MIN_MEASURED) return null
  const mean = (of: (p: (typeof points)[number]) => number) => points.reduce((sum, p) => sum + of(p), 0) / n
  const [meanYear, meanMm] = [mean((p) => p.year), mean((p) => p.mm)]
  const spread = points.reduce((sum, p) => sum + (p.year - meanYear) ** 2, 0)
  if (spread === 0) return null
  const slope = points.reduce((sum, p) => sum + (p.year - meanYear) * (p.mm - meanMm), 0) / spread
  const residual = points.reduce((sum, p) => sum + (p.mm - meanMm - slope * (p.year - meanYear)) ** 2, 0)
  const half = (T_95[n - 3] ?? T_MANY) * Math.sqrt(residual / (n - 2) / spread)
  const last = Math.max(...points.map(({ year }) => year))
  const reached = limitMm === null || slope === 0 ? null : meanYear + (limitMm - meanMm) / slope
  const known = reached !== null && reached >= last && reached - last <= FURTHEST_YEARS
  return {
    perYearMm: slope,
    lowerMm: slope - half,
    upperMm: slope + half,
    limitOn: known ? addDays('1970-01-01', Math.round(reached * YEAR_DAYS)) : null,
  }
}
