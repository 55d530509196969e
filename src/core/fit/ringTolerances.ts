/**
 * Tolerances of new rings, Normal class: how far a good ring may be from its nominal size.
 * Source: ISO 492 Normal class, bore and outside 0 to minus; the plus tolerances of ABMA 19.2 inch tapered rings are of the
 * same size, so that only the size of the band is used. Values from memory, checked against the trade notes' rows.
 */
interface Band {
  /** up to and including this nominal size, mm */
  upToMm: number
  bandMm: number
}

const BORE: readonly Band[] = [
  { upToMm: 18, bandMm: 0.008 },
  { upToMm: 30, bandMm: 0.01 },
  { upToMm: 50, bandMm: 0.012 },
  { upToMm: 80, bandMm: 0.015 },
  { upToMm: 120, bandMm: 0.02 },
  { upToMm: 180, bandMm: 0.025 },
  { upToMm: Infinity, bandMm: 0.03 },
]
const OUTSIDE: readonly Band[] = [
  { upToMm: 30, bandMm: 0.009 },
  { upToMm: 50, bandMm: 0.011 },
  { upToMm: 80, bandMm: 0.013 },
  { upToMm: 120, bandMm: 0.015 },
  { upToMm: 150, bandMm: 0.018 },
  { upToMm: 180, bandMm: 0.025 },
  { upToMm: Infinity, bandMm: 0.03 },
]

const bandOf = (bands: readonly Band[], mm: number): number =>
  bands.find(({ upToMm }) => mm <= upToMm)?.bandMm ?? 0

/** Width of the tolerance band of a new ring's diameter, mm; larger sizes get the last row. */
export const ringBandMm = (role: 'bore' | 'outside', mm: number): number =>
  bandOf(role === 'bore' ? BORE : OUTSIDE, mm)
