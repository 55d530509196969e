import type { TypicalRating } from './typicalRating'

/** f_c of single row deep groove bearings by Dw·cos α / Dpw (ISO 281 table 2, from memory). */
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
/** f_0 of usual deep groove bearings (ISO 76: 12 to 16 by the ratio; the middle is taken). */
const F0 = 14
/** Balls above this size count to the power 1.4 (ISO 281: 3.647 · Dw^1.4). */
const LARGE_BALL_MM = 25.4

/**
 * Ratings of a single row deep groove bearing from its balls: C = b_m · f_c · Z^(2/3) · Dw^1.8 (ISO 281) and
 * C0 = f_0 · Z · Dw² (ISO 76).
 * @param balls number of balls Z
 * @param ballMm ball diameter Dw, mm
 * @param circleMm pitch circle Dpw, mm
 * @returns kN; null outside the table of f_c
 * @example ballRating(9, 7.938, 39)?.cKn // 14.0, as handbooks give for 6205
 */
export function ballRating(balls: number, ballMm: number, circleMm: number): TypicalRating | null {
  const ratio = ballMm / circleMm
  const at = FC.findIndex(([r]) => r >= ratio)
  const [low, high] = [FC[at - 1], FC[at]]
  if (!low || !high) return null
  const fc = low[1] + ((ratio - low[0]) / (high[0] - low[0])) * (high[1] - low[1])
  const size = ballMm <= LARGE_BALL_MM ? ballMm ** 1.8 : 3.647 * ballMm ** 1.4
  return { cKn: (BM * fc * balls ** (2 / 3) * size) / 1000, c0Kn: (F0 * balls * ballMm ** 2) / 1000 }
}
