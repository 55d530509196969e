import { erfcx } from './erfcx'

const LN_SQRT_2PI = 0.5 * Math.log(2 * Math.PI)

/** ln of the normal density. `sigma` > 0. */
export const logNormal = (x: number, sigma: number): number =>
  -0.5 * (x / sigma) ** 2 - Math.log(sigma) - LN_SQRT_2PI

/** ln of the density of ln-normal x around `median` with spread `spread` of ln x; −∞ for x ≤ 0. */
export const logLogNormal = (x: number, median: number, spread: number): number =>
  x <= 0 ? -Infinity : logNormal(Math.log(x / median), spread) - Math.log(x)

/**
 * ln of the density of normal noise (σ = `sigma`) plus a one-directional shift with exponential size (mean `scale`):
 * what wear does to a reading. Positive shift; mirror x for the other direction.
 * Valid for sigma, scale > 0; tails of many σ stay finite on both sides.
 */
export function logNormalPlusShift(x: number, sigma: number, scale: number): number {
  const z = (sigma / scale - x / sigma) / Math.SQRT2
  if (z >= 0) return Math.log(erfcx(z)) - 0.5 * (x / sigma) ** 2 - Math.log(2 * scale)
  const erfc = 2 - erfcx(-z) * Math.exp(-z * z)
  return Math.log(erfc) + 0.5 * (sigma / scale) ** 2 - x / scale - Math.log(2 * scale)
}

/** ln Σ exp, safe against under- and overflow. Empty list: −∞. */
export function logSumExp(values: readonly number[]): number {
  const top = Math.max(-Infinity, ...values)
  if (!Number.isFinite(top)) return top
  return top + Math.log(values.reduce((sum, v) => sum + Math.exp(v - top), 0))
}

/** ln(e^a + e^b): two terms of {@link logSumExp} without a list, for loops that weigh every size of a catalogue. */
export function logAdd(a: number, b: number): number {
  const high = a > b ? a : b
  const low = a > b ? b : a
  return low === -Infinity ? high : high + Math.log1p(Math.exp(low - high))
}

/** Φ, the share of a standard normal below z. */
const below = (z: number): number => {
  const half = 0.5 * erfcx(Math.abs(z) / Math.SQRT2) * Math.exp(-0.5 * z * z)
  return z < 0 ? half : 1 - half
}

/**
 * ln of the density of a uniform interval [from, to] with normal noise (σ = `sigma`) on it.
 * @returns a very low figure, not −∞, far outside
 */
export function logBox(x: number, sigma: number, from: number, to: number): number {
  const inside = below((x - from) / sigma) - below((x - to) / sigma)
  return Math.log(Math.max(inside, Number.MIN_VALUE)) - Math.log(to - from)
}
