import { mmToInch } from './units'

/** Handbook inches are rounded to four places; a fraction is written when it agrees to half of that. */
const FRACTION_TOLERANCE_IN = 0.00006

/** Millimetres with at most three places and no idle zeros: 25.4, 50.292, 52. */
export const writeMm = (mm: number): string => String(Number(mm.toFixed(3)))

/** Millimetres with exactly three places, for columns of figures: 25.400. */
export const writeMmFixed = (mm: number): string => mm.toFixed(3)

/** Inches with four places, for columns of figures: 1.7810. */
export const writeInchFixed = (mm: number): string => mmToInch(mm).toFixed(4)

/**
 * Inches as a person would write them: a fraction in sixty-fourths where the size is one, else four decimals without
 * idle zeros.
 * @example writeInch(34.925) // '1 3/8'
 * @example writeInch(45.2374) // '1.781'
 */
export function writeInch(mm: number): string {
  const inches = mmToInch(mm)
  const parts = Math.round(inches * 64)
  if (parts === 0 || Math.abs(inches - parts / 64) > FRACTION_TOLERANCE_IN)
    return String(Number(inches.toFixed(4)))
  const whole = Math.floor(parts / 64)
  let [top, bottom] = [parts - whole * 64, 64]
  while (top > 0 && top % 2 === 0) [top, bottom] = [top / 2, bottom / 2]
  const fraction = top === 0 ? '' : `${top}/${bottom}`
  return [whole === 0 ? '' : String(whole), fraction].filter(Boolean).join(' ')
}

/** A length in both units: `52 mm (2.0472 in)`. */
export const writeBoth = (mm: number): string => `${writeMm(mm)} mm (${writeInch(mm)} in)`
