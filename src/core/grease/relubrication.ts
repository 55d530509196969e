import type { Part, RollingElement } from '../catalogue'

/** Factor K of the interval by what rolls (handbook values from memory). */
const KIND: Record<RollingElement, number> = {
  ball: 10,
  cylindricalRoller: 5,
  needle: 5,
  taperedRoller: 1,
  sphericalRoller: 1,
}
/** The formula is for 70 °C at the bearing; every 15 K more halve the time (handbook rule). */
const FORMULA_C = 70
const HALVES_PER_K = 15
/** What shortens it (handbook ranges, the middle taken). */
const SHARES = { washed: 0.2, dusty: 0.5, upright: 0.5 }
/** A year of days and nights: nothing is promised beyond. */
const MAX_HOURS = 8760

export interface IntervalQuestion {
  element: RollingElement
  rpm: number
  boreMm: number
  celsius?: number | undefined
  washed?: boolean | undefined
  dusty?: boolean | undefined
  upright?: boolean | undefined
}

/** Width of the outer ring of an insert as a share of its wide inner ring (common practice). */
const INSERT_OUTER_RING = 0.5

/**
 * Amount of a relubrication, g: 0.005 · D · B, the width of the outer ring where the rings differ (handbook rule).
 * @returns null where a size is missing
 */
export function relubricationGrams({
  family,
  dimensions,
}: Pick<Part, 'family' | 'dimensions'>): number | null {
  const { outside, outerRingWidth, width, totalWidth } = dimensions
  const whole = width ?? totalWidth
  const b = outerRingWidth ?? (whole && family === 'insert' ? whole * INSERT_OUTER_RING : whole)
  return outside && b ? 0.005 * outside * b : null
}

/**
 * Hours between relubrications, as a guide: K · (14·10⁶ / (n · √d) − 4 · d), halved for every 15 K above 70 °C, less where
 * it is washed, dusty or upright (handbook formula from memory).
 * @returns hours, at most a year; 0 when the speed is too high for the formula
 * @example relubricationHours({ element: 'ball', rpm: 1500, boreMm: 50 }) // 8760, capped
 */
export function relubricationHours(q: IntervalQuestion): number {
  const base = KIND[q.element] * (14e6 / (q.rpm * Math.sqrt(q.boreMm)) - 4 * q.boreMm)
  const hot = Math.max(0, (q.celsius ?? FORMULA_C) - FORMULA_C)
  const share =
    (q.washed ? SHARES.washed : 1) * (q.dusty ? SHARES.dusty : 1) * (q.upright ? SHARES.upright : 1)
  return Math.max(0, Math.min(MAX_HOURS, base * share * 0.5 ** (hot / HALVES_PER_K)))
}

/** Turns a minute of a wheel: v / (π · tyre). @param kmh road speed @param tyreMm outside of the tyre, mm */
export const wheelRpm = (kmh: number, tyreMm: number): number => (kmh * 1e6) / 60 / (Math.PI * tyreMm)
