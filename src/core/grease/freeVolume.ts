import { familyFacts, type Part } from '../catalogue'

/** Share of the ring-shaped envelope that steel leaves free. Worked back from handbook masses (from memory): 6205 of 0.128 kg leaves 0.33, L44649/L44610 of 0.11 kg leaves 0.30. */
const FREE_SHARE = { ball: 0.33, roller: 0.3 } as const

/** Density of ordinary grease, g/ml (handbook value from memory). */
export const GREASE_DENSITY = 0.9

/** Volume of a ring-shaped space, ml, from millimetres. */
export const ringVolumeMl = (lengthMm: number, innerMm: number, outerMm: number): number =>
  (Math.PI / 4) * lengthMm * (outerMm ** 2 - innerMm ** 2) * 1e-3

/**
 * Free volume inside a bearing, ml: π/4 · B · (D² − d²) times the free share of its kind (handbook relation; the share
 * stands for the mass, which the catalogue does not give).
 *
 * @returns ml, or null when a dimension is unknown
 * @example freeVolumeMl(6205) // 25 × 52 × 15 → 8.1 ml
 */
export function freeVolumeMl(part: Part): number | null {
  const { bore, outside, width, totalWidth } = part.dimensions
  const b = totalWidth ?? width
  if (bore === undefined || outside === undefined || b === undefined) return null
  const share = familyFacts(part.family).element === 'ball' ? FREE_SHARE.ball : FREE_SHARE.roller
  return ringVolumeMl(b, bore, outside) * share
}
