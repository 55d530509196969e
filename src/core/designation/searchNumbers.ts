import { MARK_CODES, markCode, type Glyph, type NumberIndex } from '../catalogue'
import { CLEAR_EDIT, EXTRA, LOST_NONE, LOST_RUN_MARK, MISSED } from './editCosts'
import { CLEAR_COSTS, WORN_COSTS } from './lookAlikes'

/** A number found in what was read, using the marks up to `end`. */
export interface NumberMatch {
  /** entry of the index */
  entry: number
  /** how many marks of the reading the number takes up */
  end: number
  cost: number
  /** marks of the number as it is listed */
  stamped: string
}

/** A number found, by its place in the sorted index. */
interface Found {
  n: number
  end: number
  cost: number
}

/** Beyond this a number is another number, not a worn one. */
const BUDGET = 9
/** Budgets tried one after the other: a clean or nearly clean number is found without looking at worn ones. */
const STEPS = [0.5, 2.6, 4.9, 6.5, BUDGET]
/** Below this a number is explained by lost marks and look-alikes alone: nothing missed, added or changed. */
const NO_EDITS = Math.min(MISSED, EXTRA) - 0.05
/**
 * Work of one search, cells of the table of costs: some 15 ms. A text that needs more says too little to be read: it fits
 * nearly every number.
 */
const MOST_CELLS = 1_500_000
/** Ends of one number that are told apart. */
const MOST_ENDS = 2
/** Numbers found by one search that are worth reading on. */
const MOST_FOUND = 1500

/** Cells that a search may still fill. */
interface Work {
  left: number
}

/** First number after `from` in [from, to) whose mark at `depth` differs: steps double, then halve. */
function endOfRun({ marks, starts }: NumberIndex, from: number, to: number, depth: number): number {
  const code = marks[(starts[from] ?? 0) + depth]
  let low = from
  let step = 1
  while (low + step < to && marks[(starts[low + step] ?? 0) + depth] === code) {
    low += step
    step *= 2
  }
  let high = Math.min(to, low + step)
  while (high - low > 1) {
    const middle = (low + high) >> 1
    if (marks[(starts[middle] ?? 0) + depth] === code) low = middle
    else high = middle
  }
  return high
}

/** Rows of the table of costs; the name is kept short because the innermost loop reads it. */
const ROW = MARK_CODES

/** One search: a row of edit costs for each mark of the number walked so far, cells beyond the budget left at ∞. */
class Walk {
  readonly found: Found[] = []
  private readonly read: Uint8Array
  private readonly skip: Float64Array
  private readonly miss: Float64Array
  private readonly rows: Float64Array
  private readonly width: number
  private readonly missed: number

  constructor(
    private readonly index: NumberIndex,
    marks: readonly Glyph[],
    private readonly budget: number,
    private readonly taken: Float64Array,
    clear: boolean,
    private readonly work: Work,
  ) {
    const more = clear ? CLEAR_EDIT : 0
    this.missed = MISSED + more
    this.width = marks.length + 1
    this.read = Uint8Array.from(marks, ({ char }) => markCode(char))
    this.skip = Float64Array.from(marks, ({ char }) =>
      char === '*' ? 0 : char === '?' ? LOST_NONE : EXTRA + more,
    )
    this.miss = Float64Array.from(marks, ({ char }) => (char === '*' ? LOST_RUN_MARK : this.missed))
    this.rows = new Float64Array((index.longest + 1) * this.width)
    this.rows[0] = 0
    for (let j = 1; j < this.width; j++) this.rows[j] = (this.rows[j - 1] ?? 0) + (this.skip[j - 1] ?? 0)
    this.visit(0, index.entries.length, 0)
  }

  /** The row for one more stamped mark. @returns its least cost */
  private advance(depth: number, stamped: number): number {
    const { rows, width, read, skip, miss, taken: table } = this
    const before = depth * width
    const next = before + width
    let last = (rows[before] ?? 0) + this.missed
    this.work.left -= width
    let least = last
    rows[next] = last
    for (let j = 1; j < width; j++) {
      const taken = (rows[before + j - 1] ?? 0) + (table[(read[j - 1] ?? 0) * ROW + stamped] ?? 0)
      const missed = (rows[before + j] ?? 0) + (miss[j - 1] ?? 0)
      const skipped = last + (skip[j - 1] ?? 0)
      last = taken < missed ? taken : missed
      if (skipped < last) last = skipped
      rows[next + j] = last
      if (last < least) least = last
    }
    return least
  }

  private report(n: number, depth: number): void {
    const row = depth * this.width
    for (let end = 1; end < this.width; end++) {
      const cost = this.rows[row + end] ?? Infinity
      if (cost <= this.budget) this.found.push({ n, end, cost })
    }
  }

  /** Numbers [from, to) share their first `depth` marks. */
  private visit(from: number, to: number, depth: number): void {
    const { marks, starts } = this.index
    let at = from
    for (; at < to && (starts[at + 1] ?? 0) - (starts[at] ?? 0) === depth; at++) this.report(at, depth)
    while (at < to && this.work.left > 0) {
      const end = endOfRun(this.index, at, to, depth)
      if (this.advance(depth, marks[(starts[at] ?? 0) + depth] ?? 0) <= this.budget)
        this.visit(at, end, depth + 1)
      at = end
    }
  }
}

/** What a caller knows of the marks after the number, and how far it looks. */
export interface SearchRange {
  /** least cost of leaving marks `end`… to the tail, for every end from 0 to the number of marks */
  tail: readonly number[]
  /** numbers this much worse than the best are still found */
  margin: number
  /** a number that costs more is not looked for; the usual budget when left out */
  most?: number
  /** whether marks missed or added are still considered once look-alikes alone explain the text */
  edits?: boolean
}

const keyAt = ({ marks, starts }: NumberIndex, n: number): string =>
  String.fromCharCode(...marks.subarray(starts[n], starts[n + 1]))

const matchOf = (index: NumberIndex, { n, end, cost }: Found): NumberMatch => ({
  entry: index.entries[n] ?? 0,
  end,
  cost,
  stamped: keyAt(index, n),
})

/** The likeliest ends of each number, and no more numbers than are worth reading on. */
function worthReading(found: readonly Found[], whole: (found: Found) => number): Found[] {
  const sorted = found.map((f) => ({ f, cost: whole(f) })).sort((a, b) => a.cost - b.cost || a.f.n - b.f.n)
  const ends = new Map<number, number>()
  const kept: Found[] = []
  for (const { f } of sorted) {
    const held = ends.get(f.n) ?? 0
    if (held >= MOST_ENDS) continue
    ends.set(f.n, held + 1)
    kept.push(f)
    if (kept.length >= MOST_FOUND) break
  }
  return kept
}

/**
 * Finds the numbers that the marks may begin with, by walking the sorted numbers as a tree with one row of edit costs a
 * level; stretches whose best cost is over the budget are left. Marks without a lost one among them are clear: there a
 * digit taken for another, a mark missed or one too many is far less likely.
 *
 * @param marks what was read, without a prefix; at most a few dozen marks
 * @returns numbers with the ends they may have, up to the best plus `margin` and within the budget, in no particular
 *   order; none when the text fits so much that it says nothing
 */
export function searchNumbers(
  index: NumberIndex,
  marks: readonly Glyph[],
  { tail, margin, most: limit = BUDGET, edits = true }: SearchRange,
): NumberMatch[] {
  const clear = !marks.some(({ char }) => char === '?' || char === '*')
  const costs = clear ? CLEAR_COSTS : WORN_COSTS
  const work: Work = { left: MOST_CELLS }
  const whole = ({ end, cost }: Found): number => cost + (tail[end] ?? 0)
  for (const budget of STEPS) {
    if (budget > limit) return []
    const first = new Walk(index, marks, budget, costs, clear, work).found
    if (work.left <= 0) return []
    const best = first.reduce((least, match) => Math.min(least, whole(match)), Infinity)
    if (best > budget && budget < BUDGET) continue
    const wide = best + margin
    const most = edits || best > NO_EDITS ? wide : Math.min(wide, NO_EDITS)
    const found =
      most <= budget ? first : new Walk(index, marks, Math.min(BUDGET, most), costs, clear, work).found
    if (work.left <= 0) return []
    return worthReading(
      found.filter((match) => whole(match) <= most),
      whole,
    ).map((match) => matchOf(index, match))
  }
  return []
}

/** Every number within the budget, nothing else considered: the fast twin of a full table for every number. */
export const searchAll = (index: NumberIndex, marks: readonly Glyph[]): NumberMatch[] =>
  new Walk(index, marks, BUDGET, WORN_COSTS, false, { left: Infinity }).found.map((match) =>
    matchOf(index, match),
  )
