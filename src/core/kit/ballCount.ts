/** As many balls as go round a circle, touching each other. @param circleMm through their centres */
export const ballsRound = (circleMm: number, ballMm: number): number =>
  // Centres of touching neighbours stand one diameter apart: chord = circle · sin(π/n).
  Math.floor(Math.PI / Math.asin(Math.min(1, ballMm / circleMm)) + 1e-9)

/**
 * Loose balls of a cup-and-cone bearing: as many as go round the circle, less one (common practice).
 *
 * @param circleMm diameter of the circle through the centres of the balls, mm, > ball
 * @param ballMm diameter of one ball, mm, > 0
 * @returns whole balls, at least 3
 * @example ballCount(25, 6.35) // 11
 */
export const ballCount = (circleMm: number, ballMm: number): number =>
  Math.max(3, ballsRound(circleMm, ballMm) - 1)
