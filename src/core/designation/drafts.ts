import {
  findPart,
  type Catalogue,
  type Dimensions,
  type Family,
  type Glyph,
  type Part,
  type PartNumbers,
} from '../catalogue'
import { MM_PER_INCH, readLength } from '../quantity'
import { boreCode } from './boreCode'
import type { Language } from './reading'
import { leastTailCosts } from './readSuffixes'
import { searchNumbers, type SearchRange } from './searchNumbers'
import type { SuffixToken } from './token'

/** A number that follows the rules but is not listed is less likely than a listed one. */
const UNLISTED_NUMBER = 2.5

/** A base number found at the front of a text, before its tail is read. */
export interface Draft {
  part: Part | null
  base: string
  family: Family
  dimensions: Dimensions
  prefix: SuffixToken[]
  start: number
  end: number
  cost: number
}

function prefixes(
  tokens: readonly SuffixToken[],
  marks: readonly Glyph[],
): { prefix: SuffixToken[]; start: number }[] {
  const found = tokens
    .filter((token) => token.where === 'prefix' && marks.length > token.key.length)
    .filter((token) => [...token.key].every((char, i) => marks[i]?.char === char))
    .map((token) => ({ prefix: [token], start: token.key.length }))
  return [{ prefix: [], start: 0 }, ...found]
}

/** Numbers by the rule of ISO 15 that the catalogue does not hold: the bore is known, the rest is not. */
function unlistedDraft(
  catalogue: Catalogue,
  marks: readonly Glyph[],
  prefix: SuffixToken[],
  start: number,
): Draft[] {
  const rest = marks
    .slice(start)
    .map((g) => g.char)
    .join('')
  const match = /^(160|60|62|63|64|67|68|69)(\/\d{2}|\d\d)(?!\d)/.exec(rest)
  const bore = match && boreCode(match[2] ?? '')
  if (!match || !bore || findPart(catalogue, match[0])) return []
  return [
    {
      part: null,
      base: match[0],
      family: 'deep-groove',
      dimensions: { bore },
      prefix,
      start,
      end: start + match[0].length,
      cost: UNLISTED_NUMBER,
    },
  ]
}

function listedDrafts(
  { tokens }: Language,
  { index, named }: PartNumbers,
  marks: readonly Glyph[],
  prefix: SuffixToken[],
  start: number,
  range: SearchRange,
): Draft[] {
  return searchNumbers(index, marks.slice(start), {
    ...range,
    tail: range.tail.slice(start),
  }).flatMap(({ entry, end, cost }) => {
    const { part, implies } = named(entry) ?? {}
    if (!part) return []
    const implied = implies ? tokens.filter((t) => t.where === 'prefix' && t.text === implies) : []
    return {
      part,
      base: part.base,
      family: part.family,
      dimensions: part.dimensions,
      prefix: [...prefix, ...implied],
      start,
      end: start + end,
      cost,
    }
  })
}

/** `6203-5/8`, `6202-10`: a metric outside with an inch bore, as a fraction or in sixteenths. */
export function inchBore(draft: Draft, marks: readonly Glyph[]): { bore: number; marks: number } | null {
  if (draft.family !== 'deep-groove' || !marks[draft.end]?.gap) return null
  const tail = marks
    .slice(draft.end, draft.end + 6)
    .map((g, i) => (i > 0 && g.gap ? ' ' : g.char))
    .join('')
  const match = /^(\d{1,2})(?:\/(\d{1,2}))?(?![\dA-Z])/.exec(tail)
  if (!match) return null
  const read = readLength(match[2] ? match[0] : `${match[1]}/16`)
  const nominal = draft.dimensions.bore
  if (!read.ok || nominal === undefined) return null
  const bore = read.value.value * MM_PER_INCH
  return Math.abs(bore - nominal) < 4 ? { bore, marks: match[0].length } : null
}

/**
 * Every number of `numbers` the marks may begin with, after every prefix they may begin with.
 * @param range how far to look
 */
export function listedDraftsOf(
  language: Language,
  numbers: PartNumbers,
  marks: readonly Glyph[],
  range: Omit<SearchRange, 'tail'>,
): Draft[] {
  const tail = leastTailCosts(language.tokens, marks)
  return prefixes(language.tokens, marks).flatMap(({ prefix, start }) =>
    listedDrafts(language, numbers, marks, prefix, start, { ...range, tail }),
  )
}

/** Numbers that follow the rules but that the catalogue does not hold. */
export const unlistedDraftsOf = (language: Language, marks: readonly Glyph[]): Draft[] =>
  prefixes(language.tokens, marks).flatMap(({ prefix, start }) =>
    unlistedDraft(language.catalogue, marks, prefix, start),
  )
