import type { Glyph, NamedPart, TrieNode } from '../catalogue'
import { EXTRA, LOST_NONE, LOST_ONE, LOST_RUN_MARK, MISSED } from './editCosts'
import { confusionCost } from './lookAlikes'

/** A number of the catalogue found in what was read, using the marks from `start` up to `end`. */
export interface NumberMatch {
  named: NamedPart
  /** how many marks of the reading the number takes up, from the start of the search */
  end: number
  cost: number
}

/** Beyond this a number is another number, not a worn one. */
const BUDGET = 8

/** Charges what can be passed over in the reading without a mark of the number: extra marks, empty `?`, ended `*`. */
function passOver(row: number[], marks: readonly Glyph[]): void {
  for (let j = 1; j < row.length; j++) {
    const char = marks[j - 1]?.char
    const step = char === '*' ? 0 : char === '?' ? LOST_NONE : EXTRA
    row[j] = Math.min(row[j] ?? Infinity, (row[j - 1] ?? Infinity) + step)
  }
}

function advance(row: readonly number[], marks: readonly Glyph[], stamped: string): number[] {
  const next = new Array<number>(row.length)
  next[0] = (row[0] ?? Infinity) + MISSED
  for (let j = 1; j < row.length; j++) {
    const read = marks[j - 1]?.char ?? ''
    const before = row[j - 1] ?? Infinity
    const here = row[j] ?? Infinity
    const taken = read === '?' ? LOST_ONE : read === '*' ? LOST_RUN_MARK : confusionCost(read, stamped)
    next[j] = Math.min(before + taken, here + (read === '*' ? LOST_RUN_MARK : MISSED))
  }
  passOver(next, marks)
  return next
}

/**
 * Finds the numbers of the catalogue that the marks may begin with, by walking the number tree with one row of edit
 * costs a level; branches whose best cost is over the budget are left. Same answers as `matchNumber` over every name.
 *
 * @param marks what was read, without a prefix; at most a few dozen marks
 * @returns every number with every end it may have within the budget, in no particular order
 */
export function searchNumbers(root: TrieNode, marks: readonly Glyph[]): NumberMatch[] {
  const found: NumberMatch[] = []
  const first = new Array<number>(marks.length + 1).fill(Infinity)
  first[0] = 0
  passOver(first, marks)
  const visit = (node: TrieNode, row: readonly number[]): void => {
    for (const named of node.parts)
      row.forEach((cost, end) => {
        if (cost <= BUDGET && end > 0) found.push({ named, end, cost })
      })
    for (const [stamped, child] of node.next) {
      const next = advance(row, marks, stamped)
      if (Math.min(...next) <= BUDGET) visit(child, next)
    }
  }
  visit(root, first)
  return found
}
