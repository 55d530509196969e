import type { TypedLength } from './readLength'
import { MM_PER_INCH, type LengthUnit } from './units'

/** A sixty-fourth of an inch: the finest fraction on a bench rule; also what a whole number of millimetres is good for. */
const SIXTY_FOURTH_MM = MM_PER_INCH / 64

/** Decimals with steps from here on are read off a coarse scale or spoken across a counter, mm (common practice). */
const COARSE_MM = 0.2

/**
 * The step of a decimal so coarse that it may have been cut off as well as rounded: `1.9` in may stand for 1.90 to 1.99.
 * @returns step in mm; null for whole numbers, fractions and finer decimals
 */
export function coarseStep(typed: Pick<TypedLength, 'form' | 'decimals'>, unit: LengthUnit): number | null {
  if (typed.form !== 'decimal') return null
  const step = 10 ** -typed.decimals * (unit === 'in' ? MM_PER_INCH : 1)
  return step >= COARSE_MM ? step : null
}

/**
 * The step in millimetres to which a typed length was rounded: `0.74` in is good to 0.01 in, `25.15` mm to 0.01 mm.
 * Whole numbers and fractions are mostly nominal sizes read off, not rounded to whole units (common practice), so
 * their step is a sixty-fourth of an inch.
 *
 * @param unit the unit the length turned out to be in
 * @returns step in mm, > 0
 * @example roundingStep({ value: 0.74, stated: 'in', form: 'decimal', decimals: 2 }, 'in') // 0.254
 */
export function roundingStep(typed: Pick<TypedLength, 'form' | 'decimals'>, unit: LengthUnit): number {
  if (typed.form !== 'decimal') return SIXTY_FOURTH_MM
  const step = 10 ** -typed.decimals * (unit === 'in' ? MM_PER_INCH : 1)
  return Math.min(step, SIXTY_FOURTH_MM)
}
