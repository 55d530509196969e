/** Millimetres in one inch: exact by definition (international inch, 1959). */
export const MM_PER_INCH = 25.4

export type LengthUnit = 'mm' | 'in'
export type UnitChoice = LengthUnit | 'auto'

/** Millimetres in one of each unit a length may be typed in. */
export const MM_PER_UNIT: Record<LengthUnit, number> = { mm: 1, in: MM_PER_INCH }

export const mmToInch = (mm: number): number => mm / MM_PER_INCH
export const toMm = (value: number, unit: LengthUnit): number => value * MM_PER_UNIT[unit]
