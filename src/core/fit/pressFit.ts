import { MATERIALS, type Material } from './materials'

/** One of two rings pressed together: its other diameter, mm, and what it is made of. */
export interface PressedRing {
  /** inner body: bore (0 = solid); outer body: outside (Infinity = thick) */
  otherMm: number
  material: Material
}

/**
 * Pressure between two rings pressed together, after Lamé.
 *
 * @param interfaceMm diameter where they meet, mm
 * @param interferenceMm on the diameter, mm; none or loose gives 0
 * @returns MPa
 * @example steel ring 50/100 on a solid steel shaft, 0.05 mm: p = δE/d · (1 − (d/D)²)/2 = 77.25 MPa
 */
export function pressure(
  interfaceMm: number,
  interferenceMm: number,
  inner: PressedRing,
  outer: PressedRing,
): number {
  if (interferenceMm <= 0) return 0
  const d2 = interfaceMm ** 2
  const [i, o] = [MATERIALS[inner.material], MATERIALS[outer.material]]
  const i2 = inner.otherMm ** 2
  const o2 = outer.otherMm ** 2
  const innerShape = (d2 + i2) / (d2 - i2) - i.poisson
  const outerShape = (Number.isFinite(o2) ? (o2 + d2) / (o2 - d2) : 1) + o.poisson
  return interferenceMm / (interfaceMm * (outerShape / o.modulus + innerShape / i.modulus))
}

/** Friction of steel on steel when pressed: oiled and dry (common practice). */
export const FRICTION = { oiled: 0.1, dry: 0.16 } as const

/**
 * Force to press a ring home.
 * @param widthMm of the ring, mm
 * @returns kN
 */
export const pressForce = (
  pressureMPa: number,
  interfaceMm: number,
  widthMm: number,
  friction: number,
): number => (friction * Math.PI * interfaceMm * widthMm * pressureMPa) / 1000
