import { MM_PER_INCH, type LengthUnit } from '@/core/quantity'

/** A reading is shown as fine as a caliper gives it. */
export const writeTaken = (mm: number, unit: LengthUnit): string =>
  unit === 'mm' ? mm.toFixed(2) : (mm / MM_PER_INCH).toFixed(3)
