import { MARK_CODES, markCode } from '../catalogue'
import { LOST_ONE, LOST_RUN_MARK, LOST_SLASH } from './editCosts'

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
type CostTable = Float64Array

/** What misreading one mark costs. */
export interface Misreadings {
  costs: CostTable
  /** of every mark read the codes of the marks it may stand for cheaper than for any other, ascending */
  near: readonly (readonly number[])[]
}

/** How worn stamps are misread. */
export interface Wear {
  worn: Misreadings
  /** where nothing says that the stamp is worn */
  clear: Misreadings
  /** what it costs besides that so many marks of a stamp are misread, of so many that might be; nothing when left out */
  several?: (misread: number, mightBe: number) => number
}

/** One mark struck that is read as another, and its cost. */
type Pair = readonly [stamped: string, read: string, cost: number]

/** Codes of the signs for lost marks, and what one mark costs that is lost so. */
const LOST: ReadonlyMap<number, number> = new Map([
  [markCode('?'), LOST_ONE],
  [markCode('*'), LOST_RUN_MARK],
])

function costTable(pairs: readonly Pair[]): CostTable {
  const table = new Float64Array(MARK_CODES * MARK_CODES).fill(ANY_OTHER)
  for (let code = 0; code < MARK_CODES; code++) table[code * MARK_CODES + code] = 0
  for (const [stamped, read, cost] of pairs) table[markCode(read) * MARK_CODES + markCode(stamped)] = cost
  for (const [lost, cost] of LOST) table.fill(cost, lost * MARK_CODES, (lost + 1) * MARK_CODES)
  table[markCode('?') * MARK_CODES + markCode('/')] = LOST_SLASH
  return table
}

/** The costs of misreading marks, from the pairs that are taken for each other; any other mark costs `ANY_OTHER`. */
export function misreadings(pairs: readonly Pair[]): Misreadings {
  const costs = costTable(pairs)
  const near = Array.from({ length: MARK_CODES }, (_, read) =>
    Array.from({ length: MARK_CODES }, (_, stamped) => stamped).filter(
      (stamped) => (costs[read * MARK_CODES + stamped] ?? ANY_OTHER) < ANY_OTHER,
    ),
  )
  return { costs, near }
}

const inBothDirections = (costOf: (a: string, b: string, shape: number) => number): Pair[] =>
  PAIRS.flatMap(([a, b, shape]): Pair[] => {
    const cost = costOf(a, b, shape)
    return [
      [a, b, cost],
      [b, a, cost],
    ]
  })

const worn = (_a: string, _b: string, shape: number): number => (shape < SAME_SHAPE ? shape : MISREAD + shape)
const sameClass = (a: string, b: string): boolean => DIGIT.test(a) === DIGIT.test(b)

/** Whether a mark may be read as another that it looks like. */
export function mayBeMisread(stamped: string, { near }: Misreadings): boolean {
  const code = markCode(stamped)
  return near.some((codes, read) => read !== code && !LOST.has(read) && codes.includes(code))
}

/** How stamps of used bearings are misread (estimates, common practice). */
export const USUAL_WEAR: Wear = {
  worn: misreadings(inBothDirections(worn)),
  clear: misreadings(
    inBothDirections(
      (a, b, shape) => worn(a, b, shape) + (shape >= SAME_SHAPE && sameClass(a, b) ? CLEAR : 0),
    ),
  ),
}

/** Cost of reading `read` where `stamped` was struck, on a worn stamp; 0 when they are the same. */
export const confusionCost = (read: string, stamped: string, { worn: { costs } } = USUAL_WEAR): number =>
  costs[markCode(read) * MARK_CODES + markCode(stamped)] ?? ANY_OTHER
