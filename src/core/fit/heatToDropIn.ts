import { MATERIALS, type Material } from './materials'

/** Air wanted when a heated part is put on by hand, mm for each mm of diameter, and at least (common practice). */
const HANDLING = { share: 0.0004, leastMm: 0.015 }
export const ROOM_C = 20

/**
 * How far to heat the part that goes around so that the other drops in.
 *
 * @param interferenceMm largest interference, mm; a loose fit needs none
 * @param material of the heated part
 * @returns rise in K and temperature in °C, from a room of 20 °C
 */
export function heatToDropIn(
  interferenceMm: number,
  diameterMm: number,
  material: Material,
): { deltaC: number; celsius: number } {
  if (interferenceMm <= 0) return { deltaC: 0, celsius: ROOM_C }
  const gap = Math.max(HANDLING.leastMm, HANDLING.share * diameterMm)
  const deltaC = (interferenceMm + gap) / (MATERIALS[material].expansion * 1e-6 * diameterMm)
  return { deltaC, celsius: ROOM_C + deltaC }
}
