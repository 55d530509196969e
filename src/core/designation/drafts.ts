import {
  numberKey,
  type Dimensions,
  type Family,
  type Glyph,
  type Part,
  type PartNumbers,
} from '../catalogue'
import type { DesignationContext } from './reading'
import { leastTailCosts } from './readSuffixes'
import { searchNumbers, type SearchRange } from './searchNumbers'
import { startsOf, type Start } from './starts'
import type { SuffixToken } from './token'

/** A base number found in a text, before its tail is read. */
export interface Draft {
  part: Part
  base: string
  family: Family
  dimensions: Dimensions
  prefix: readonly SuffixToken[]
  start: number
  end: number
  cost: number
  /** marks of the number as it is listed, to compare with what was read */
  stamped: string
}

/** A word before the number is skipped at next to no cost. */
const WORD = 0.3

function listedDrafts(
  { catalogue, wear }: DesignationContext,
  { index, named }: PartNumbers,
  marks: readonly Glyph[],
  { at, prefix, skipped }: Start,
  range: SearchRange,
): Draft[] {
  return searchNumbers(index, marks.slice(at), { ...range, wear, tail: range.tail.slice(at) }).flatMap(
    ({ entry, end, cost, stamped }) => {
      const { part, names } = named(entry) ?? { part: null, names: 1 }
      if (!part || !prefix.every((token) => token.families.includes(part.family))) return []
      if (prefix.some(({ text }) => catalogue.byName.has(text + numberKey(part.base)))) return []
      const { base, family, dimensions } = part
      const whole = cost + (skipped > 0 ? WORD : 0) + Math.log(names)
      return { part, base, family, dimensions, prefix, start: at, end: at + end, cost: whole, stamped }
    },
  )
}

/**
 * Every number of `numbers` the marks may hold, behind every word and prefix they may begin with.
 * @param range how far to look
 */
export function draftsOf(
  context: DesignationContext,
  numbers: PartNumbers,
  marks: readonly Glyph[],
  range: Omit<SearchRange, 'tail' | 'wear'>,
): Draft[] {
  const tail = leastTailCosts(context, marks)
  return startsOf(context.tokens, marks).flatMap((start) =>
    listedDrafts(context, numbers, marks, start, { ...range, tail }),
  )
}
