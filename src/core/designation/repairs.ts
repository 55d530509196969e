import type { Glyph } from '../catalogue'
import { EXTRA, LOST_NONE, LOST_RUN_MARK, MISSED } from './editCosts'
import { confusionCost } from './lookAlikes'

/** One mark that was taken for another than was read; an empty side is a mark added or left out. */
export interface Repair {
  /** place in the text as typed */
  at: number
  read: string
  taken: string
}

const skip = (char: string): number => (char === '*' ? 0 : char === '?' ? LOST_NONE : EXTRA)
const miss = (char: string): number => (char === '*' ? LOST_RUN_MARK : MISSED)

/**
 * What was changed to read `marks` as `stamped`: the cheapest alignment of the two, by the costs of the search.
 * @returns changed marks in the order of the text; empty when they are the same
 */
export function repairsOf(marks: readonly Glyph[], stamped: string): Repair[] {
  const [rows, columns] = [marks.length + 1, stamped.length + 1]
  const cost = Array.from({ length: rows }, () => new Float64Array(columns).fill(Infinity))
  const at = (i: number, j: number): number => cost[i]?.[j] ?? Infinity
  const char = (i: number): string => marks[i - 1]?.char ?? ''
  for (let i = 0; i < rows; i++)
    for (let j = 0; j < columns; j++) {
      const row = cost[i]
      if (!row) continue
      row[j] =
        i === 0 && j === 0
          ? 0
          : Math.min(
              at(i - 1, j - 1) + (i > 0 && j > 0 ? confusionCost(char(i), stamped[j - 1] ?? '') : Infinity),
              at(i - 1, j) + (i > 0 ? skip(char(i)) : Infinity),
              at(i, j - 1) + (j > 0 ? miss(char(i)) : Infinity),
            )
    }
  const repairs: Repair[] = []
  const same = (a: number, b: number): boolean => Math.abs(a - b) < 1e-9
  for (let [i, j] = [rows - 1, columns - 1]; i > 0 || j > 0;) {
    const here = at(i, j)
    const taken = stamped[j - 1] ?? ''
    const index = marks[i - 1]?.at ?? marks[0]?.at ?? 0
    if (i > 0 && j > 0 && same(here, at(i - 1, j - 1) + confusionCost(char(i), taken))) {
      if (char(i) !== taken) repairs.unshift({ at: index, read: char(i), taken })
      ;[i, j] = [i - 1, j - 1]
    } else if (i > 0 && same(here, at(i - 1, j) + skip(char(i)))) {
      repairs.unshift({ at: index, read: char(i), taken: '' })
      i -= 1
    } else {
      repairs.unshift({ at: index + (i > 0 ? 1 : 0), read: '', taken })
      j -= 1
    }
  }
  return repairs
}
