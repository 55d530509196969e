/** Nominal sizes are the same when they agree to this, mm: handbooks round to the micrometre, inches to 0.0001. */
const SAME_MM = 0.0065

export const isSameSize = (a: number, b: number): boolean => Math.abs(a - b) < SAME_MM

/** Sizes this near are taken for each other across a counter: within a sixteenth of an inch or 2 %, whichever is more (common practice). */
const NEAR_MM = 1.5876
const NEAR_SHARE = 0.02

export const isNearSize = (a: number, b: number): boolean =>
  Math.abs(a - b) <= Math.max(NEAR_MM, NEAR_SHARE * a)
