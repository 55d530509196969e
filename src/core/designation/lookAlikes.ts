import { MARK_CODES, markCode } from '../catalogue'
import { LOST_ONE, LOST_RUN_MARK } from './editCosts'

const DIGIT = /\d/

/**
 * How easily one stamped mark is taken for another, as a cost (−ln of a probability, relative to reading it right).
 * Handbook values from memory of how worn stamps read; the groups are common practice.
 */
const PAIRS: readonly [string, string, number][] = [
  ['0', 'O', 0.2],
  ['1', 'I', 0.2],
  ['5', 'S', 0.7],
  ['8', 'B', 0.7],
  ['2', 'Z', 0.7],
  ['6', 'G', 0.8],
  ['I', 'L', 1],
  ['1', 'L', 1],
  ['1', '7', 1],
  ['0', 'D', 1.4],
  ['O', 'D', 1.4],
  ['0', 'Q', 1.4],
  ['7', 'I', 1.6],
  ['3', '8', 1],
  ['6', '8', 1.9],
  ['0', '8', 2],
  ['0', '6', 2],
  ['5', '6', 2],
  ['0', '9', 2.2],
  ['8', '9', 2.2],
  ['3', '5', 2.4],
  ['4', 'A', 2],
  ['C', 'G', 1.8],
  ['M', 'N', 1.8],
  ['U', 'V', 1.4],
]

/** A digit and a letter that differ by no more than this are taken for each other on a worn ring. */
const TAKEN_FOR = 1.5
/** Letters that a worn digit shows. */
export const LETTERS_LIKE_DIGITS: ReadonlySet<string> = new Set(
  PAIRS.flatMap(([a, b, shape]) => (DIGIT.test(a) && !DIGIT.test(b) && shape < TAKEN_FOR ? [b] : [])),
)

/** Misreading a look-alike at all; the pair's own figure says which. O for 0 and I for 1 are typing habits, not misreadings. */
const MISREAD = 1.3
const SAME_SHAPE = 0.5
/** One mark read as any other. */
export const ANY_OTHER = 6.2
/**
 * In a clear stamp a digit taken for another digit, or a letter for a letter, is this much rarer. A letter where a digit
 * belongs betrays itself and stays as it is (estimate, common practice).
 */
const CLEAR = 4

/** Cost of reading `read` where `stamped` was struck, for all pairs of mark codes: `read · MARK_CODES + stamped`. */
export type CostTable = Float64Array

function costTable(pairCost: (a: string, b: string, shape: number) => number): CostTable {
  const table = new Float64Array(MARK_CODES * MARK_CODES).fill(ANY_OTHER)
  for (let code = 0; code < MARK_CODES; code++) table[code * MARK_CODES + code] = 0
  for (const [a, b, shape] of PAIRS) {
    const cost = pairCost(a, b, shape)
    table[markCode(a) * MARK_CODES + markCode(b)] = cost
    table[markCode(b) * MARK_CODES + markCode(a)] = cost
  }
  for (const [lost, cost] of [
    ['?', LOST_ONE],
    ['*', LOST_RUN_MARK],
  ] as const)
    table.fill(cost, markCode(lost) * MARK_CODES, (markCode(lost) + 1) * MARK_CODES)
  return table
}

const worn = (_a: string, _b: string, shape: number): number => (shape < SAME_SHAPE ? shape : MISREAD + shape)
const sameClass = (a: string, b: string): boolean => DIGIT.test(a) === DIGIT.test(b)

/** Costs where the stamp is worn. */
export const WORN_COSTS = costTable(worn)
/** Costs where nothing else says that the stamp is worn. */
export const CLEAR_COSTS = costTable(
  (a, b, shape) => worn(a, b, shape) + (shape >= SAME_SHAPE && sameClass(a, b) ? CLEAR : 0),
)

/** Of every mark read the codes of the marks it may stand for cheaper than for any other, ascending. */
const nearCodes = (table: CostTable): readonly (readonly number[])[] =>
  Array.from({ length: MARK_CODES }, (_, read) =>
    Array.from({ length: MARK_CODES }, (_, stamped) => stamped).filter(
      (stamped) => (table[read * MARK_CODES + stamped] ?? ANY_OTHER) < ANY_OTHER,
    ),
  )
export const WORN_NEAR = nearCodes(WORN_COSTS)
export const CLEAR_NEAR = nearCodes(CLEAR_COSTS)

/** Cost of reading `read` where `stamped` was struck, on a worn stamp; 0 when they are the same. */
export const confusionCost = (read: string, stamped: string): number =>
  WORN_COSTS[markCode(read) * MARK_CODES + markCode(stamped)] ?? ANY_OTHER
