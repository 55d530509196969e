export const INSTRUMENTS = ['micrometer', 'digitalCaliper', 'dialCaliper', 'vernier', 'rule', 'tape'] as const
export type Instrument = (typeof INSTRUMENTS)[number]

/** One standard uncertainty of one reading, mm (common practice). */
export const INSTRUMENT_SIGMA: Record<Instrument, number> = {
  micrometer: 0.004,
  digitalCaliper: 0.02,
  dialCaliper: 0.03,
  vernier: 0.05,
  rule: 0.3,
  tape: 0.6,
}

/** How far readings of one place scatter in one hand, mm, one standard deviation (common practice). */
export const INSTRUMENT_REPEATS: Record<Instrument, number> = {
  micrometer: 0.001,
  digitalCaliper: 0.01,
  dialCaliper: 0.012,
  vernier: 0.02,
  rule: 0.15,
  tape: 0.3,
}

export const INSTRUMENT_LABELS: Record<Instrument, string> = {
  micrometer: 'micrometer',
  digitalCaliper: 'digital caliper',
  dialCaliper: 'dial caliper',
  vernier: 'vernier',
  rule: 'steel rule',
  tape: 'tape',
}

/** Digits behind the point that a micrometer shows: thousandths of a millimetre, ten-thousandths of an inch. */
const FINE_DIGITS = { mm: 3, inch: 4 }

/**
 * What readings were most likely taken with, by the digits that were typed: a caliper where none is as fine as a
 * micrometer's.
 * @example guessInstrument(['24.98', '24.97']) // 'digitalCaliper'
 */
export function guessInstrument(readings: readonly string[]): Instrument {
  const fine = readings.some((text) => {
    const digits = /[.,](\d+)/.exec(text)?.[1]?.length ?? 0
    return digits >= (/in|"/i.test(text) ? FINE_DIGITS.inch : FINE_DIGITS.mm)
  })
  return fine ? 'micrometer' : 'digitalCaliper'
}
