/** Radial ball bearings, Normal clearance: f0·Fa/C0, limit e and factor Y; X = 0.56 beyond e (ISO 281 table 3). */
const RADIAL_BALL: readonly (readonly [relative: number, e: number, y: number])[] = [
  [0.172, 0.19, 2.3],
  [0.345, 0.22, 1.99],
  [0.689, 0.26, 1.71],
  [1.03, 0.28, 1.55],
  [1.38, 0.3, 1.45],
  [2.07, 0.34, 1.31],
  [3.45, 0.38, 1.15],
  [5.17, 0.42, 1.04],
  [6.89, 0.44, 1],
]
const X_BALL = 0.56
/** Geometry factor f0 of usual deep groove bearings lies between 12 and 16 (ISO 76); the middle is taken. */
const F0 = 14

function between(relative: number): { e: number; y: number } {
  const first = RADIAL_BALL[0]
  const last = RADIAL_BALL.at(-1)
  if (!first || !last) return { e: 0.44, y: 1 }
  if (relative <= first[0]) return { e: first[1], y: first[2] }
  if (relative >= last[0]) return { e: last[1], y: last[2] }
  const at = RADIAL_BALL.findIndex(([r]) => r >= relative)
  const [low, high] = [RADIAL_BALL[at - 1] ?? first, RADIAL_BALL[at] ?? last]
  const share = (relative - low[0]) / (high[0] - low[0])
  return { e: low[1] + share * (high[1] - low[1]), y: low[2] + share * (high[2] - low[2]) }
}

export type LoadedAs = 'radialBall' | 'tapered' | 'rollerRadial'

export interface Loads {
  /** kN */
  radialKn: number
  axialKn: number
}

/** Tapered rollers of usual angle: e = 1.5 · tan α with α about 14° gives 0.37 (ISO 281: Y = 0.4 · cot α). */
const TAPER_ANGLE = (14 * Math.PI) / 180

/**
 * Equivalent dynamic load (ISO 281): P = Fr while Fa/Fr stays within e, then X·Fr + Y·Fa.
 * @param c0Kn basic static rating, kN; decides e of a ball bearing
 * @returns kN; axial load on a cylindrical or needle roller bearing counts nothing here and is told by the caller
 * @example equivalentLoad({ radialKn: 2, axialKn: 1 }, 'radialBall', 7.85)
 */
export function equivalentLoad({ radialKn, axialKn }: Loads, as: LoadedAs, c0Kn: number): number {
  if (axialKn <= 0 || as === 'rollerRadial') return radialKn
  if (as === 'tapered') {
    const e = 1.5 * Math.tan(TAPER_ANGLE)
    return axialKn / radialKn <= e ? radialKn : 0.4 * radialKn + (0.4 / Math.tan(TAPER_ANGLE)) * axialKn
  }
  const { e, y } = between((F0 * axialKn) / c0Kn)
  return axialKn / radialKn <= e ? radialKn : X_BALL * radialKn + y * axialKn
}

/** Equivalent static load of a radial ball bearing: 0.6 · Fr + 0.5 · Fa, at least Fr (ISO 76); others 0.5 and 0.22 · cot α. */
export function equivalentStaticLoad({ radialKn, axialKn }: Loads, as: LoadedAs): number {
  if (as === 'rollerRadial') return radialKn
  const mixed =
    as === 'radialBall'
      ? 0.6 * radialKn + 0.5 * axialKn
      : 0.5 * radialKn + (0.22 / Math.tan(TAPER_ANGLE)) * axialKn
  return Math.max(radialKn, mixed)
}
