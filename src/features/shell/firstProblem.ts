import { figureProblem, type FieldQuantity } from '@/core/quantity'
import * as texts from '@/texts/shell'

/** What to change in the first of these figures that cannot be read, by its label; empty = all can, or are left out. */
export function firstProblem(
  figures: readonly (readonly [label: string, typed: string, FieldQuantity])[],
): string {
  for (const [label, typed, quantity] of figures) {
    const problem = figureProblem(typed, quantity)
    if (problem) return texts.problemOf(label, problem)
  }
  return ''
}
