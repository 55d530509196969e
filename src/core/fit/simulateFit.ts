import type { Limits } from './toleranceClass'

/** What is drawn by chance for each assembly, all µm. */
export interface FitSpread {
  seat: Limits
  ring: Limits
  /** internal clearance of the new bearing; null = not known */
  clearance: Limits | null
  /** share of an interference that shows in the clearance */
  taken: number
  /** +1 for a shaft (larger is tighter), −1 for a housing */
  sign: 1 | -1
}

interface Quantiles {
  p1: number
  median: number
  p99: number
}

export interface SimulatedFit {
  count: number
  interference: Quantiles & { bins: { fromUm: number; count: number }[]; binUm: number }
  /** share of assemblies that are loose */
  loose: number
  clearance: (Quantiles & { none: number }) | null
}

/** Makers keep the middle of a band: its width is six standard deviations, nothing leaves it (common practice). */
const BAND_SIGMAS = 6
const BINS = 30

function quantiles(sorted: Float64Array): Quantiles {
  const at = (share: number) => sorted[Math.round(share * (sorted.length - 1))] ?? 0
  return { p1: at(0.01), median: at(0.5), p99: at(0.99) }
}

function histogram(sorted: Float64Array): SimulatedFit['interference']['bins'] {
  const low = Math.floor(sorted[0] ?? 0)
  const high = Math.ceil(sorted[sorted.length - 1] ?? 0)
  const width = Math.max(0.5, (high - low) / BINS)
  const bins = Array.from({ length: BINS }, (_, i) => ({ fromUm: low + i * width, count: 0 }))
  for (const value of sorted) {
    const bin = bins[Math.min(BINS - 1, Math.floor((value - low) / width))]
    if (bin) bin.count++
  }
  return bins
}

/**
 * Assembles a fit many times over with sizes drawn from their bands.
 * @param normal gives a standard normal deviate at each call (chance comes from outside the core)
 * @returns interference and clearance left, µm, with what share is loose or left without clearance
 */
export function simulateFit(spread: FitSpread, count: number, normal: () => number): SimulatedFit {
  const draw = ({ lower, upper }: Limits): number => {
    for (;;) {
      const z = normal()
      if (Math.abs(z) <= BAND_SIGMAS / 2) return (lower + upper) / 2 + (z * (upper - lower)) / BAND_SIGMAS
    }
  }
  const tight = new Float64Array(count)
  const left = new Float64Array(spread.clearance ? count : 0)
  for (let i = 0; i < count; i++) {
    const gap = spread.sign * (draw(spread.seat) - draw(spread.ring))
    tight[i] = gap
    if (spread.clearance) left[i] = draw(spread.clearance) - spread.taken * Math.max(0, gap)
  }
  const share = (values: Float64Array, test: (value: number) => boolean): number =>
    values.reduce((n, v) => n + (test(v) ? 1 : 0), 0) / Math.max(1, values.length)
  const loose = share(tight, (v) => v < 0)
  const none = share(left, (v) => v < 0)
  tight.sort()
  left.sort()
  const bins = histogram(tight)
  return {
    count,
    interference: {
      ...quantiles(tight),
      bins,
      binUm: (bins[1]?.fromUm ?? 0) - (bins[0]?.fromUm ?? 0),
    },
    loose,
    clearance: spread.clearance && { ...quantiles(left), none },
  }
}
