/** Steel, MPa (handbook value). */
const MODULUS = 206_000
/** Nut factor of a thread: oiled and dry (handbook values; how much of a torque is friction is known to a quarter at best). */
const NUT_FACTOR = { oiled: 0.15, dry: 0.2 } as const

export interface ClampedStack {
  /** spacer tube: bore, outside, length, mm */
  tubeBoreMm: number
  tubeOutsideMm: number
  lengthMm: number
  /** thread of the axle, mm */
  threadMm: number
  /** axial play before clamping, mm: what the bearings take up and what the spacer is long */
  playMm: number
}

export interface SqueezePoint {
  torqueNm: number
  /** axial play that is left, mm: thread oiled (more force) and dry */
  oiledMm: number
  dryMm: number
}

export interface Squeeze {
  /** the tube gets shorter by so much under one kilonewton, mm */
  mmPerKn: number
  /** torque at which no play is left, N·m: oiled and dry thread; null = play is gone before the nut is touched */
  goneAtNm: { oiled: number; dry: number } | null
  curve: SqueezePoint[]
}

/** The curve goes so far beyond the torque at which the play is gone. */
const BEYOND = 1.5
const POINTS = 24

/**
 * How much of the play between two clamped bearings a spacer tube gives up as the nut is tightened: the tube is squeezed by
 * F · L / (E · A), the outer rings stay where the hub holds them. F = T / (k · d), so the torque is known to a quarter at best.
 *
 * @returns null where the tube has no wall
 * @example squeeze of a tube 20/26 × 46 under 20 kN: 20 000 · 46 / (206 000 · 216.8) = 0.0206 mm
 */
export function clampedStack(q: ClampedStack): Squeeze | null {
  const area = (Math.PI / 4) * (q.tubeOutsideMm ** 2 - q.tubeBoreMm ** 2)
  if (!(area > 0)) return null
  const mmPerKn = (1000 * q.lengthMm) / (MODULUS * area)
  const torqueFor = (mm: number, factor: number): number => (mm / mmPerKn) * factor * q.threadMm
  const leftAt = (nm: number, factor: number): number => q.playMm - (nm / (factor * q.threadMm)) * mmPerKn
  const gone = q.playMm > 0
  const goneAtNm = gone
    ? { oiled: torqueFor(q.playMm, NUT_FACTOR.oiled), dry: torqueFor(q.playMm, NUT_FACTOR.dry) }
    : null
  const to = (goneAtNm?.dry ?? torqueFor(0.05, NUT_FACTOR.dry)) * BEYOND
  return {
    mmPerKn,
    goneAtNm,
    curve: Array.from({ length: POINTS + 1 }, (_, i) => {
      const torqueNm = (to * i) / POINTS
      return {
        torqueNm,
        oiledMm: leftAt(torqueNm, NUT_FACTOR.oiled),
        dryMm: leftAt(torqueNm, NUT_FACTOR.dry),
      }
    }),
  }
}
