/** Nominal sizes are the same when they agree to this, mm: handbooks round to the micrometre, inches to 0.0001. */
const SAME_MM = 0.0065

export const isSameSize = (a: number, b: number): boolean => Math.abs(a - b) < SAME_MM
