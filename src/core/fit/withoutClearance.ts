import type { FitSpread } from './simulateFit'

/** Steps the interference is walked in. */
const STEPS = 200
/** Bands are six standard deviations wide and end there, as in {@link simulateFit}. */
const SIGMAS = 3

const density = (z: number): number => Math.exp((-z * z) / 2) / Math.sqrt(2 * Math.PI)

/** Share of a standard normal deviate below z (Abramowitz and Stegun 26.2.17, error under 1e-7). */
function below(z: number): number {
  const t = 1 / (1 + 0.2316419 * Math.abs(z))
  const series =
    t * (0.31938153 + t * (-0.356563782 + t * (1.781477937 + t * (-1.821255978 + t * 1.330274429))))
  const tail = density(z) * series
  return z >= 0 ? 1 - tail : tail
}

/**
 * Share of assemblies that are left without clearance, worked out instead of drawn.
 * @returns 0 to 1; null where the clearance of the bearing is not known
 */
export function withoutClearance({ seat, ring, clearance, taken, sign }: FitSpread): number | null {
  if (!clearance) return null
  const sigma = (band: { lower: number; upper: number }) => (band.upper - band.lower) / (2 * SIGMAS)
  const middle = (band: { lower: number; upper: number }) => (band.lower + band.upper) / 2
  const offMean = sign * (middle(seat) - middle(ring))
  const offSigma = Math.hypot(sigma(seat), sigma(ring))
  let [share, whole] = [0, 0]
  for (let i = 0; i < STEPS; i++) {
    const z = -SIGMAS + ((i + 0.5) * 2 * SIGMAS) / STEPS
    const eaten = taken * Math.max(0, offMean + z * offSigma)
    const weight = density(z)
    whole += weight
    share += weight * below((eaten - middle(clearance)) / sigma(clearance))
  }
  return share / whole
}
