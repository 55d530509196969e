import { rangeOf } from './sizeRanges'

/** Limits of a size about its nominal, µm. */
export interface Limits {
  lower: number
  upper: number
}

/** Standard tolerances (ISO 286-1 table 1, µm, by size range; from memory, checked against published rows in the tests). */
const IT: Record<number, readonly number[]> = {
  4: [3, 4, 4, 5, 6, 7, 8, 10, 12, 14, 16, 18, 20],
  5: [4, 5, 6, 8, 9, 11, 13, 15, 18, 20, 23, 25, 27],
  6: [6, 8, 9, 11, 13, 16, 19, 22, 25, 29, 32, 36, 40],
  7: [10, 12, 15, 18, 21, 25, 30, 35, 40, 46, 52, 57, 63],
  8: [14, 18, 22, 27, 33, 39, 46, 54, 63, 72, 81, 89, 97],
  9: [25, 30, 36, 43, 52, 62, 74, 87, 100, 115, 130, 140, 155],
}

/** Upper deviation of shafts that stay below the nominal size (ISO 286-1, µm). */
const BELOW: Record<string, readonly number[]> = {
  f: [-6, -10, -13, -16, -20, -25, -30, -36, -43, -50, -56, -62, -68],
  g: [-2, -4, -5, -6, -7, -9, -10, -12, -14, -15, -17, -18, -20],
  h: [0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0],
}

/** Lower deviation of shafts that reach above the nominal size (ISO 286-1, µm). */
const ABOVE: Record<string, readonly number[]> = {
  k: [0, 1, 1, 1, 2, 2, 2, 3, 3, 4, 4, 4, 5],
  m: [2, 4, 6, 7, 8, 9, 11, 13, 15, 17, 20, 21, 23],
  n: [4, 8, 10, 12, 15, 17, 20, 23, 27, 31, 34, 37, 40],
  p: [6, 12, 15, 18, 22, 26, 32, 37, 43, 50, 56, 62, 68],
}

/** `r` has finer ranges above 50 mm (ISO 286-1): up to and including, µm. */
const R: readonly [number, number][] = [
  [3, 10],
  [6, 15],
  [10, 19],
  [18, 23],
  [30, 28],
  [50, 34],
  [65, 41],
  [80, 43],
  [100, 51],
  [120, 54],
  [140, 63],
  [160, 65],
  [180, 68],
  [200, 77],
  [225, 80],
  [250, 84],
  [280, 94],
  [315, 98],
  [355, 108],
  [400, 114],
  [450, 126],
  [500, 132],
]

/** Lower deviation of j5 and j6, and of j7 (ISO 286-2, µm). */
const J_SHAFT: Record<number, readonly number[]> = {
  5: [-2, -2, -2, -3, -4, -5, -7, -9, -11, -13, -16, -18, -20],
  6: [-2, -2, -2, -3, -4, -5, -7, -9, -11, -13, -16, -18, -20],
  7: [-4, -4, -5, -6, -8, -10, -12, -15, -18, -21, -26, -28, -32],
}
/** Upper deviation of J6, J7, J8 (ISO 286-2, µm). */
const J_HOUSING: Record<number, readonly number[]> = {
  6: [2, 5, 5, 6, 8, 10, 13, 16, 18, 22, 25, 29, 33],
  7: [4, 6, 8, 10, 12, 14, 18, 22, 26, 30, 36, 39, 43],
  8: [6, 10, 12, 15, 20, 24, 28, 34, 41, 47, 55, 60, 66],
}

/** Above this grade no Δ is added to K, M and N, and above the second none to P and R (ISO 286-1 clause 4.3). */
const DELTA_TO = { KMN: 8, PR: 7 }

export const standardTolerance = (grade: number, range: number): number | null => IT[grade]?.[range] ?? null

/** How far a shaft letter reaches above nominal, µm. */
function above(letter: string, mm: number, range: number, grade: number): number | null {
  if (letter === 'r') return R.find(([to]) => mm <= to)?.[1] ?? null
  if (letter === 'k' && grade > 7) return 0
  return ABOVE[letter]?.[range] ?? null
}

function shaftLimits(letter: string, grade: number, mm: number, range: number, it: number): Limits | null {
  if (letter === 'js') return { lower: -it / 2, upper: it / 2 }
  if (letter === 'j') {
    const lower = J_SHAFT[grade]?.[range]
    return lower === undefined ? null : { lower, upper: lower + it }
  }
  const upper = BELOW[letter]?.[range]
  if (upper !== undefined) return { lower: upper - it, upper }
  const lower = above(letter, mm, range, grade)
  return lower === null ? null : { lower, upper: lower + it }
}

function housingLimits(letter: string, grade: number, mm: number, range: number, it: number): Limits | null {
  if (letter === 'JS') return { lower: -it / 2, upper: it / 2 }
  if (letter === 'J') {
    const upper = J_HOUSING[grade]?.[range]
    return upper === undefined ? null : { lower: upper - it, upper }
  }
  const small = letter.toLowerCase()
  const below = BELOW[small]?.[range]
  if (below !== undefined) return { lower: 0 - below, upper: it - below }
  const tight = 'KMN'.includes(letter)
  // N from grade 9 up begins at zero, above 3 mm.
  if (letter === 'N' && grade > DELTA_TO.KMN && range > 0) return { lower: -it, upper: 0 }
  // K from grade 9 up is not in the standard above 3 mm.
  if (letter === 'K' && grade > DELTA_TO.KMN && range > 0) return null
  // Holes up to these grades mirror the shaft of the next finer grade.
  const mirrors = grade <= (tight ? DELTA_TO.KMN : DELTA_TO.PR) && range > 0
  const from = above(small, mm, range, mirrors && letter === 'K' ? 7 : grade)
  if (from === null) return null
  const finer = IT[grade - 1]?.[range]
  if (mirrors && finer === undefined) return null
  const delta = mirrors ? it - (finer ?? it) : 0
  // The one exception of the standard: M6 over 250 to 315 mm.
  const upper = letter === 'M' && grade === 6 && range === 10 ? -9 : -from + delta
  return { lower: upper - it, upper }
}

/**
 * Limits of a tolerance class about its nominal size.
 *
 * Source: ISO 286-1 and -2, tables from memory; letters f g h j js k m n p r and F G H J JS K M N P R, grades 4 to 9.
 * @param name such as `k5` (shaft) or `P7` (housing)
 * @param mm nominal size, over 0 up to 500
 * @returns µm; null for a class or size the tables do not hold
 * @example toleranceClass('k5', 25) // { lower: 2, upper: 11 }
 */
export function toleranceClass(name: string, mm: number): Limits | null {
  const read = /^(js|[fghjkmnpr]|JS|[FGHJKMNPR])(\d{1,2})$/.exec(name.trim())
  const range = rangeOf(mm)
  if (!read || range === null) return null
  const [, letter = '', digits] = read
  const grade = Number(digits)
  const it = standardTolerance(grade, range)
  if (it === null) return null
  const limits = letter === letter.toLowerCase() ? shaftLimits : housingLimits
  return limits(letter, grade, mm, range, it)
}

/** Whether a class is one of a shaft. */
export const isShaftClass = (name: string): boolean => /^[a-z]/.test(name.trim())
