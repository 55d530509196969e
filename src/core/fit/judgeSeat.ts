import { capital, withArticle } from '../capital'
import { INSTRUMENT_REPEATS, INSTRUMENT_SIGMA, INSTRUMENT_LABELS, type Instrument } from '../quantity'
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
  /** the reading that wear has moved farthest, about the nominal size, µm */
  loosest: number
  verdict: 'good' | 'doubtful' | 'replace'
  why: string
}

/** Form error allowed as a share of the tolerance band: half for round, half for taper (common practice, ISO 1101 seats). */
const FORM_SHARE = 0.5
/** Of a hundred sets of readings of one size, ninety-five scatter over less than this many deviations, by their count (tables of
 * the studentised range, from memory). */
const RANGE_95 = [0, 0, 2.77, 3.31, 3.63, 3.86, 4.03, 4.17, 4.29]
/** A seat is called lost only where the instrument can tell it. */
const SURE_SIGMAS = 2

const mean = (values: readonly number[]): number => values.reduce((a, b) => a + b, 0) / values.length
const spread = (values: readonly number[]): number => Math.max(...values) - Math.min(...values)
const um = (value: number): string => `${value < 0 ? '−' : ''}${Math.abs(Math.round(value))} µm`

/** What an instrument lets pass: µm off a limit, and µm of scatter among so many readings. */
function allowances(instrument: Instrument): { sigma: number; scatter: (count: number) => number } {
  const repeats = INSTRUMENT_REPEATS[instrument] * 1000
  const last = RANGE_95.at(-1) ?? 0
  return {
    sigma: INSTRUMENT_SIGMA[instrument] * 1000,
    scatter: (count) => repeats * (RANGE_95[count] ?? last),
  }
}

const coarseText = (instrument: Instrument, sigma: number, band: number): string =>
  `${capital(withArticle(INSTRUMENT_LABELS[instrument]))} is good to about ${um(SURE_SIGMAS * sigma)} and the class is ${um(band)} wide: it can show a seat that is lost, not one that is good. Measure with a micrometer.`

/**
 * Whether a measured seat is still good: against the limits of its class, round and straight, as far as the instrument can
 * tell. One reading that departs from the others the way wear goes condemns it; the other way it is dirt, rust or a burr
 * (common practice).
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
  instrument: Instrument = 'micrometer',
): SeatVerdict {
  const housing = kind === 'housing'
  const deviations = readings.map((r) => (r.valueMm - nominalMm) * 1000)
  const depths = [...new Set(readings.map((r) => r.depth ?? ''))]
  const atDepth = depths.map((depth) => deviations.filter((_, i) => (readings[i]?.depth ?? '') === depth))
  const { sigma, scatter } = allowances(instrument)
  const outOfRound = Math.max(...atDepth.map(spread))
  const roundOff = Math.max(...atDepth.map((values) => spread(values) - scatter(values.length)))
  const taper = spread(atDepth.map(mean))
  const taperOff = taper - scatter(atDepth.length)
  const band = limits.upper - limits.lower
  const loosest = housing ? Math.max(...deviations) : Math.min(...deviations)
  const worn = housing ? loosest - limits.upper : limits.lower - loosest
  const tight = housing ? limits.lower - Math.min(...deviations) : Math.max(...deviations) - limits.upper
  // How far one reading lies beyond the mean of the others, the way wear goes.
  const others = (i: number): number => mean(deviations.filter((_, j) => j !== i))
  const way = housing ? 1 : -1
  const stray = deviations.length > 3 ? Math.max(...deviations.map((v, i) => way * (v - others(i)))) : 0
  const result = { outOfRound, taper, mean: mean(deviations), worn, loosest }
  const loose = housing ? 'larger' : 'smaller'
  const replace = (why: string): SeatVerdict => ({ ...result, verdict: 'replace', why })
  const doubtful = (why: string): SeatVerdict => ({ ...result, verdict: 'doubtful', why })
  const proud = tight > SURE_SIGMAS * sigma
  if (worn > band / 2 + SURE_SIGMAS * sigma)
    return replace(`Worn ${um(worn)} beyond the limit, ${loose} than a new seat may be: the fit is lost.`)
  if (stray > band + scatter(deviations.length) && !proud)
    return replace(`One reading departs ${um(stray)} from the others: that place carries nothing.`)
  if (proud)
    return doubtful(
      `${um(tight)} ${housing ? 'smaller' : 'larger'} than the limit: dirt, rust, paint or a burr, seldom another class. Clean to bright metal and measure again before anything is judged.`,
    )
  if (roundOff > band)
    return replace(`Out of round by ${um(outOfRound)}, more than the whole tolerance of ${um(band)}.`)
  const doubts = [
    worn > sigma && `${um(worn)} ${loose} than the limit`,
    tight > sigma && `${um(tight)} ${housing ? 'smaller' : 'larger'} than the limit`,
    roundOff > FORM_SHARE * band && `out of round by ${um(outOfRound)}`,
    taperOff > FORM_SHARE * band && `tapered by ${um(taper)}`,
  ].filter((d) => d !== false)
  const coarse = SURE_SIGMAS * sigma > band ? coarseText(instrument, sigma, band) : ''
  if (doubts.length > 0) {
    const message = doubts.join('; ')
    return doubtful(
      `${message[0]?.toUpperCase() ?? ''}${message.slice(1)}. ${coarse || 'Clean and measure again.'}`,
    )
  }
  if (coarse) return doubtful(`Nothing wrong that this instrument can tell. ${coarse}`)
  return {
    ...result,
    verdict: 'good',
    why: `Within its limits of ${um(limits.lower)} to ${um(limits.upper)}, round and straight.`,
  }
}
