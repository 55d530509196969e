import { f0Of } from './ruleOfKind'
import type { TypicalRating } from './typicalRating'

/** f_c of single row ball bearings with deep grooves by Dw·cos α / Dpw (ISO 281 table 2, from memory). */
const FC: readonly (readonly [number, number])[] = [
  [0.05, 46.7],
  [0.06, 49.1],
  [0.07, 51.1],
  [0.08, 52.8],
  [0.09, 54.3],
  [0.1, 55.5],
  [0.12, 57.5],
  [0.14, 58.8],
  [0.16, 59.6],
  [0.18, 59.9],
  [0.2, 59.9],
  [0.22, 59.6],
  [0.24, 59],
  [0.26, 58.2],
  [0.28, 57.1],
  [0.3, 56],
]
/** Steel and manufacture of today's deep groove bearings (ISO 281: b_m). */
const BM = 1.3
/** Balls above this size count to the power 1.4 (ISO 281: 3.647 · Dw^1.4). */
const LARGE_BALL_MM = 25.4

/**
 * Ratings of a single row radial ball bearing from its balls: C = b_m · f_c · cos(α)^0.7 · Z^(2/3) · Dw^1.8 (ISO 281)
 * and C0 = f_0 · cos(α) · Z · Dw² (ISO 76), f_c and f_0 by Dw · cos α / Dpw.
 * @param balls number of balls Z
 * @param ballMm ball diameter Dw, mm
 * @param circleMm pitch circle Dpw, mm
 * @param angle contact angle, degrees; 0 = deep groove
 * @returns kN; null outside the table of f_c
 * @example ballRating(9, 7.938, 39)?.cKn // 14.0, as handbooks give for 6205
 */
export function ballRating(balls: number, ballMm: number, circleMm: number, angle = 0): TypicalRating | null {
  const cosine = Math.cos((angle * Math.PI) / 180)
  const ratio = (ballMm * cosine) / circleMm
  const at = FC.findIndex(([r]) => r >= ratio)
  const [low, high] = [FC[at - 1], FC[at]]
  if (!low || !high) return null
  const fc = low[1] + ((ratio - low[0]) / (high[0] - low[0])) * (high[1] - low[1])
  const size = ballMm <= LARGE_BALL_MM ? ballMm ** 1.8 : 3.647 * ballMm ** 1.4
  return {
    cKn: (BM * fc * cosine ** 0.7 * balls ** (2 / 3) * size) / 1000,
    c0Kn: (f0Of(ratio) * cosine * balls * ballMm ** 2) / 1000,
  }
}
