/** Upper ends of the nominal size ranges of ISO 286-1, mm, up to 500. */
export const RANGES_TO = [3, 6, 10, 18, 30, 50, 80, 120, 180, 250, 315, 400, 500] as const

/** @returns place of the range that holds a size, over … up to and including; null beyond 500 mm or not above 0 */
export function rangeOf(mm: number): number | null {
  if (!(mm > 0)) return null
  const at = RANGES_TO.findIndex((to) => mm <= to)
  return at < 0 ? null : at
}
