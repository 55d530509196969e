import type { Limits } from './toleranceClass'

/** One reading of a seat: where, how deep, what. */
export interface SeatReading {
  /** clock position, such as 12 or 3 */
  at: string
  depth?: string | undefined
  /** mm */
  valueMm: number
}

export interface SeatVerdict {
  /** largest difference across the clock at one depth, µm */
  outOfRound: number
  /** difference of the means of the outermost depths, µm */
  taper: number
  /** mean about the nominal size, µm */
  mean: number
  /** worst reading beyond the limit that wear reaches, µm; negative = within */
  worn: number
  verdict: 'good' | 'doubtful' | 'replace'
  why: string
}

/** Form error allowed as a share of the tolerance band: half for round, half for taper (common practice, ISO 1101 seats). */
const FORM_SHARE = 0.5
/** Readings are no finer than this, µm: what a good micrometer gives. */
const READING_UM = 2

const mean = (values: readonly number[]): number => values.reduce((a, b) => a + b, 0) / values.length
const spread = (values: readonly number[]): number => Math.max(...values) - Math.min(...values)
const um = (value: number): string => `${value < 0 ? '−' : ''}${Math.abs(Math.round(value))} µm`

/**
 * Whether a measured seat is still good: against the limits of its class, round and straight. One reading that departs
 * from the others condemns it (common practice).
 *
 * @param nominalMm nominal size, mm
 * @param limits of the class, µm about nominal
 * @param kind a shaft wears smaller, a housing larger
 */
export function judgeSeat(
  readings: readonly SeatReading[],
  nominalMm: number,
  limits: Limits,
  kind: 'shaft' | 'housing',
): SeatVerdict {
  const off = readings.map((r) => (r.valueMm - nominalMm) * 1000)
  const depths = [...new Set(readings.map((r) => r.depth ?? ''))]
  const atDepth = depths.map((depth) => off.filter((_, i) => (readings[i]?.depth ?? '') === depth))
  const outOfRound = Math.max(...atDepth.map(spread))
  const taper = spread(atDepth.map(mean))
  const middle = mean(off)
  const band = limits.upper - limits.lower
  const worn = kind === 'housing' ? Math.max(...off) - limits.upper : limits.lower - Math.min(...off)
  const tight = kind === 'housing' ? limits.lower - Math.min(...off) : Math.max(...off) - limits.upper
  const others = (i: number): number => mean(off.filter((_, j) => j !== i))
  const stray = off.length > 3 ? Math.max(...off.map((v, i) => Math.abs(v - others(i)))) : 0
  const told = { outOfRound, taper, mean: middle, worn }
  const sentence = (words: string): string => `${words[0]?.toUpperCase() ?? ''}${words.slice(1)}`
  const loose = kind === 'housing' ? 'larger' : 'smaller'
  if (worn > band / 2 + READING_UM)
    return {
      ...told,
      verdict: 'replace',
      why: `Worn ${um(worn)} beyond the limit, ${loose} than a new seat may be: the fit is lost.`,
    }
  if (stray > band + READING_UM)
    return {
      ...told,
      verdict: 'replace',
      why: `One reading departs ${um(stray)} from the others: that place carries nothing.`,
    }
  if (outOfRound > band + READING_UM)
    return {
      ...told,
      verdict: 'replace',
      why: `Out of round by ${um(outOfRound)}, more than the whole tolerance of ${um(band)}.`,
    }
  const doubts = [
    worn > READING_UM && `${um(worn)} ${loose} than the limit`,
    tight > READING_UM &&
      `${um(tight)} ${kind === 'housing' ? 'smaller' : 'larger'} than the limit: dirt, burr or another class`,
    outOfRound > FORM_SHARE * band + READING_UM && `out of round by ${um(outOfRound)}`,
    taper > FORM_SHARE * band + READING_UM && `tapered by ${um(taper)}`,
  ].filter((d) => d !== false)
  if (doubts.length > 0)
    return { ...told, verdict: 'doubtful', why: `${sentence(doubts.join('; '))}. Clean and measure again.` }
  return {
    ...told,
    verdict: 'good',
    why: `Within its limits of ${um(limits.lower)} to ${um(limits.upper)}, round and straight.`,
  }
}
