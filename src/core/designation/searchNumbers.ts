import { MARK_CODES, markCode, type Glyph, type NumberIndex } from '../catalogue'
import { CLEAR_EDIT, EXTRA, LOST_NONE, LOST_RUN_MARK, MISSED } from './editCosts'
import { ANY_OTHER, USUAL_WEAR, type Misreadings, type Wear } from './lookAlikes'

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
 * Work of one search, cells of the table of costs: twice what the vaguest text took that names a part. A text that needs more says too little to be read: it fits
 * nearly every number.
 */
const MAX_CELLS = 400_000
/** What stepping to another mark costs beside its cells, in cells. */
const NODE_CELLS = 3
/** In a stretch of so few numbers the marks that may follow are looked through one by one. */
const FEW_NUMBERS = 8
/** A mark that may stand for more than these is a lost one. */
const MAX_NEAR = 20
/** Numbers found by one search that are worth reading on. */
const MAX_FOUND = 800

/** Cells that a search may still fill. */
interface Work {
  left: number
}

/** First number in [from, to) whose mark at `depth` is `code` or a later one. */
function startOfRun(
  { marks, starts }: NumberIndex,
  from: number,
  to: number,
  depth: number,
  code: number,
): number {
  let [low, high] = [from, to]
  while (low < high) {
    const middle = (low + high) >> 1
    if ((marks[(starts[middle] ?? 0) + depth] ?? 0) < code) low = middle + 1
    else high = middle
  }
  return low
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

/**
 * One search: a row of edit costs for each mark of the number walked so far. Of each row only the cells between the first
 * and the last within the budget are kept and carried on (Ukkonen 1985): a cheap budget leaves one or two.
 */
class Walk {
  readonly found: Found[] = []
  private readonly read: Uint8Array
  private readonly skip: Float64Array
  private readonly miss: Float64Array
  private readonly rows: Float64Array
  /** first and last cell of each row that are within the budget */
  private readonly first: Int32Array
  private readonly last: Int32Array
  private readonly width: number
  private readonly missed: number
  private readonly taken: Misreadings['costs']
  private readonly near: Misreadings['near']

  constructor(
    private readonly index: NumberIndex,
    marks: readonly Glyph[],
    private readonly budget: number,
    clear: boolean,
    private readonly tail: readonly number[],
    private readonly work: Work,
    wear: Wear,
  ) {
    const more = clear ? CLEAR_EDIT : 0
    const { costs, near } = clear ? wear.clear : wear.worn
    this.taken = costs
    this.near = near
    this.missed = MISSED + more
    this.width = marks.length + 1
    this.read = Uint8Array.from(marks, ({ char }) => markCode(char))
    this.skip = Float64Array.from(marks, ({ char }) =>
      char === '*' ? 0 : char === '?' ? LOST_NONE : EXTRA + more,
    )
    this.miss = Float64Array.from(marks, ({ char }) => (char === '*' ? LOST_RUN_MARK : this.missed))
    this.rows = new Float64Array((index.longest + 1) * this.width)
    this.first = new Int32Array(index.longest + 1)
    this.last = new Int32Array(index.longest + 1)
    this.rows[0] = 0
    for (let j = 1; j < this.width; j++) {
      const cost = (this.rows[j - 1] ?? 0) + (this.skip[j - 1] ?? 0)
      if (cost > budget) break
      this.rows[j] = cost
      this.last[0] = j
    }
    this.visit(0, index.entries.length, 0)
  }

  /** The row for one more stamped mark. @returns whether a cell of it is within the budget */
  private advance(depth: number, stamped: number): boolean {
    const { rows, width, read, skip, miss, taken: table, budget } = this
    const before = depth * width
    const next = before + width
    const from = this.first[depth] ?? 0
    const to = this.last[depth] ?? 0
    let [first, last] = [-1, -1]
    let left = Infinity
    let j = from
    for (; j < width; j++) {
      // Beyond the last cell of the row before, only marks that are skipped lead on.
      if (j > to + 1 && left > budget) break
      let cost = left + (j > 0 ? (skip[j - 1] ?? 0) : 0)
      if (j <= to) {
        const missed = (rows[before + j] ?? 0) + (j > 0 ? (miss[j - 1] ?? 0) : this.missed)
        if (missed < cost) cost = missed
      }
      if (j > from && j <= to + 1) {
        const taken = (rows[before + j - 1] ?? 0) + (table[(read[j - 1] ?? 0) * ROW + stamped] ?? 0)
        if (taken < cost) cost = taken
      }
      rows[next + j] = cost
      left = cost
      if (cost <= budget) {
        if (first < 0) first = j
        last = j
      }
    }
    this.work.left -= NODE_CELLS + j - from
    this.first[depth + 1] = first
    this.last[depth + 1] = last
    return first >= 0
  }

  /** Codes of the next mark that can stay within the budget, ascending; null when any may. */
  private codesWithin(depth: number): number[] | null {
    const codes: number[] = []
    for (let j = this.first[depth] ?? 0; j <= (this.last[depth] ?? 0); j++) {
      const left = this.budget - (this.rows[depth * this.width + j] ?? 0)
      if (left < 0) continue
      const missed = j > 0 ? (this.miss[j - 1] ?? 0) : this.missed
      if (missed <= left) return null
      if (j === this.width - 1) continue
      const read = this.read[j] ?? 0
      const near = this.near[read] ?? []
      if (ANY_OTHER <= left || near.length > MAX_NEAR) return null
      for (const code of near)
        if ((this.taken[read * ROW + code] ?? 0) <= left && !codes.includes(code)) codes.push(code)
    }
    return codes.sort((a, b) => a - b)
  }

  /** Keeps the likeliest ends of a number: what it costs up to there and what the rest of the marks then costs at least. */
  private report(n: number, depth: number): void {
    const row = depth * this.width
    let [best, next] = [0, 0]
    let [least, second] = [Infinity, Infinity]
    this.work.left -= (this.last[depth] ?? 0) - (this.first[depth] ?? 0)
    for (let end = Math.max(1, this.first[depth] ?? 0); end <= (this.last[depth] ?? 0); end++) {
      const cost = this.rows[row + end] ?? Infinity
      if (cost > this.budget) continue
      const whole = cost + (this.tail[end] ?? 0)
      if (whole < least) {
        ;[next, second] = [best, least]
        ;[best, least] = [end, whole]
      } else if (whole < second) [next, second] = [end, whole]
    }
    for (const end of [best, next])
      if (end > 0) this.found.push({ n, end, cost: this.rows[row + end] ?? Infinity })
  }

  /** Numbers [from, to) share their first `depth` marks. */
  private visit(from: number, to: number, depth: number): void {
    const { marks, starts } = this.index
    let at = from
    for (; at < to && (starts[at + 1] ?? 0) - (starts[at] ?? 0) === depth; at++) this.report(at, depth)
    const codes = to - at > FEW_NUMBERS ? this.codesWithin(depth) : null
    if (codes)
      for (const code of codes) {
        at = startOfRun(this.index, at, to, depth, code)
        if (at === to || this.work.left <= 0) return
        if (marks[(starts[at] ?? 0) + depth] !== code) continue
        const end = endOfRun(this.index, at, to, depth)
        if (this.advance(depth, code)) this.visit(at, end, depth + 1)
        at = end
      }
    else this.visitAll(at, to, depth)
  }

  private visitAll(from: number, to: number, depth: number): void {
    const { marks, starts } = this.index
    for (let at = from; at < to && this.work.left > 0;) {
      const end = endOfRun(this.index, at, to, depth)
      if (this.advance(depth, marks[(starts[at] ?? 0) + depth] ?? 0)) this.visit(at, end, depth + 1)
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
  max?: number
  /** whether marks missed or added are still considered once look-alikes alone explain the text */
  edits?: boolean
  /** how marks are misread */
  wear?: Wear | undefined
}

const keyAt = ({ marks, starts }: NumberIndex, n: number): string =>
  String.fromCharCode(...marks.subarray(starts[n], starts[n + 1]))

const matchOf = (index: NumberIndex, { n, end, cost }: Found): NumberMatch => ({
  entry: index.entries[n] ?? 0,
  end,
  cost,
  stamped: keyAt(index, n),
})

/** No more numbers than are worth reading on, the likeliest of them. */
const worthReading = (found: Found[], whole: (found: Found) => number): Found[] =>
  found.length <= MAX_FOUND
    ? found
    : found.sort((a, b) => whole(a) - whole(b) || a.n - b.n).slice(0, MAX_FOUND)

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
  { tail, margin, max: limit = BUDGET, edits = true, wear = USUAL_WEAR }: SearchRange,
): NumberMatch[] {
  const clear = !marks.some(({ char }) => char === '?' || char === '*')
  const work: Work = { left: MAX_CELLS }
  const whole = ({ end, cost }: Found): number => cost + (tail[end] ?? 0)
  for (const budget of STEPS) {
    if (budget > limit) return []
    const first = new Walk(index, marks, budget, clear, tail, work, wear).found
    if (work.left <= 0) return []
    const best = first.reduce((least, match) => Math.min(least, whole(match)), Infinity)
    if (best > budget && budget < BUDGET) continue
    const wide = best + margin
    const maxCost = edits || best > NO_EDITS ? wide : Math.min(wide, NO_EDITS)
    const found =
      maxCost <= budget
        ? first
        : new Walk(index, marks, Math.min(BUDGET, maxCost), clear, tail, work, wear).found
    if (work.left <= 0) return []
    return worthReading(
      found.filter((match) => whole(match) <= maxCost),
      whole,
    ).map((match) => matchOf(index, match))
  }
  return []
}

/** Every number that the whole text may be, within the budget: the fast twin of a full table for every number. */
export const searchAll = (index: NumberIndex, marks: readonly Glyph[]): NumberMatch[] =>
  new Walk(
    index,
    marks,
    BUDGET,
    false,
    marks.map(() => Infinity).concat(0),
    { left: Infinity },
    USUAL_WEAR,
  ).found.map((match) => matchOf(index, match))
