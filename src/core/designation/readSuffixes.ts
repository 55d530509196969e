import { familyFacts, type FamilyFacts, type Family, type Glyph } from '../catalogue'
import { confusionCost, LETTERS_LIKE_DIGITS, type Wear } from './lookAlikes'
import type { DesignationContext } from './reading'
import { RARER, type SuffixToken } from './token'

/** A stretch of what was read: a known token or marks that mean nothing to us. */
export interface SuffixPart {
  text: string
  at: number
  token: SuffixToken | null
}

export interface SuffixReading {
  parts: SuffixPart[]
  cost: number
}

/** A known token costs a little, so that one long token beats two short ones; more when this meaning is the rarer one. */
const KNOWN = 0.1
/** An unknown mark; a whole unknown tail (date, batch, place) never costs more than the cap. */
const UNKNOWN_MARK = 2
const UNKNOWN_CAP = 5
/** A lost mark that nothing explains: one number in five carries a letter nobody knows (estimate); a token or a digit that explains it is better. */
const LOST_MARK = 1.5
/** A slash between tokens is a separator and free. */
const SEPARATORS = new Set(['/', '+'])
/** A known token stuck to unknown marks is probably chance: `C` inside a word, a single letter most of all. */
const TOUCHING_UNKNOWN = 3.6
const LETTER_TOUCHING_UNKNOWN = 6
const BASE_TOUCHING_UNKNOWN = 1.5
/** A gap within a token: `C 3` is written so, but `2-2RS` is 2 and 2RS rather than 22RS (estimate). */
const GAP_WITHIN = 0.6
/** A worn token is recognised by at most one mark taken for a look-alike. */
const MAX_MISREAD = 3
/** One number tells its closure, clearance, precision … once. */
const TOLD_TWICE = 2
const ONCE: ReadonlySet<SuffixToken['kind']> = new Set([
  'closure',
  'clearance',
  'precision',
  'contactAngle',
  'material',
  'cage',
  'groove',
  'taperBore',
  'heat',
  'lip',
])
/** Of a worn stamp, a letter that is a token by itself and looks like a digit, straight behind a digit: as likely the next digit. */
const LETTER_LIKE_DIGIT = 1.2
/** Shields or seals on a kind of bearing that is mostly open: one in ten (estimate, common practice). */
const SELDOM_CLOSED = 2.3
/** Shortest token that may be read through damage: with one mark left of one, anything fits. */
const MIN_MARKS = 2

/** Tokens by the mark that was read where they begin: those that may begin with it or a look-alike. */
type Tokens = (first: string) => readonly SuffixToken[]

const MAX_FIRST_MARKS = 200

function byFirstMark(tokens: readonly SuffixToken[], wear: Wear | undefined): Tokens {
  const made = new Map<string, SuffixToken[]>()
  return (first) => {
    const known =
      made.get(first) ??
      tokens.filter((token) => confusionCost(first, token.key[0] ?? '', wear) <= MAX_MISREAD)
    if (made.size < MAX_FIRST_MARKS) made.set(first, known)
    return known
  }
}

/** What reading a tail needs to know. */
type TailContext = Pick<DesignationContext, 'tokens' | 'wear'>

const fittingTokens = new WeakMap<TailContext, Map<Family | 'any', Tokens>>()

/** Suffix tokens that a family may carry: shields and seals only where bearings are made with them. */
function tokensOf(context: TailContext, family: Family | 'any'): Tokens {
  const byFamily = fittingTokens.get(context) ?? new Map<Family | 'any', Tokens>()
  fittingTokens.set(context, byFamily)
  const known = byFamily.get(family)
  if (known) return known
  const fitting = byFirstMark(
    context.tokens.filter(
      (token) => token.where === 'suffix' && (family === 'any' || token.families.includes(family)),
    ),
    context.wear,
  )
  byFamily.set(family, fitting)
  return fitting
}

/** Cost of reading `token` at `at`; ∞ when it cannot be that. */
function tokenCost(
  { key, sure }: SuffixToken,
  marks: readonly Glyph[],
  at: number,
  wear: Wear | undefined,
): number {
  let [worn, read, gaps] = [0, 0, 0]
  for (let i = 0; i < key.length; i++) {
    const mark = marks[at + i]
    if (mark === undefined || mark.char === '*') return Infinity
    const { char } = mark
    if (char !== '?') read++
    if (i > 0 && mark.gap) gaps++
    worn += confusionCost(char, key[i] ?? '', wear)
    if (worn > MAX_MISREAD) return Infinity
  }
  if (read === 0 || (worn > 0 && key.length < MIN_MARKS)) return Infinity
  return KNOWN + RARER[sure] + worn + GAP_WITHIN * gaps
}

interface Step {
  /** cost from here to the end */
  cost: number
  length: number
  token: SuffixToken | null
  rest: Step | null
}

const isFree = (char: string): boolean => SEPARATORS.has(char) || char === '?' || char === '*'
const ownCost = (char: string): number => (char === '?' ? LOST_MARK : isFree(char) ? 0 : UNKNOWN_MARK)

/** Paths that begin at one place: by what stands first. */
interface Paths {
  known: Step[]
  unknown: Step[]
}

/** What stands before a place: a known token, the base number, an unknown stretch, or a mark that touches nothing. */
type Before = SuffixToken | 'base' | 'unknown' | 'free'

const seamOf = (known: SuffixToken | 'base'): number => {
  if (known === 'base') return BASE_TOUCHING_UNKNOWN
  return known.key.length < 2 ? LETTER_TOUCHING_UNKNOWN : TOUCHING_UNKNOWN
}

/** What a token of one letter costs more straight behind the digits of a worn number. */
function betrays(rest: Step, marks: readonly Glyph[], at: number): number {
  const [before, mark] = [marks[at - 1], marks[at]]
  const isAlone = rest.token?.key.length === 1 || (rest.token && marks[at + 1]?.gap)
  if (!isAlone || !before || !mark || mark.gap) return 0
  const isWorn = marks.some(({ char }) => char === '?' || char === '*')
  return isWorn && /[\d?]/.test(before.char) && LETTERS_LIKE_DIGITS.has(mark.char) ? LETTER_LIKE_DIGIT : 0
}

/** The `count` cheapest ways on from `at`, given what stands before; a seam between known and unknown costs. */
function onward(
  paths: readonly Paths[],
  marks: readonly Glyph[],
  at: number,
  before: Before,
  count: number,
): { cost: number; rest: Step | null }[] {
  const here = paths[at]
  if (!here) return [{ cost: 0, rest: null }]
  const touching = !marks[at]?.gap && !isFree(marks[at]?.char ?? '')
  const knownBefore = touching && before !== 'unknown' && before !== 'free' ? seamOf(before) : 0
  return [
    ...here.known.map((rest) => ({
      cost:
        rest.cost +
        (touching && before === 'unknown' && rest.token ? seamOf(rest.token) : 0) +
        (before === 'base' ? betrays(rest, marks, at) : 0),
      rest,
    })),
    ...here.unknown.map((rest) => ({ cost: rest.cost + knownBefore, rest })),
  ]
    .sort((a, b) => a.cost - b.cost)
    .slice(0, count)
}

const cheapest = (steps: Step[], count: number): Step[] =>
  steps.sort((a, b) => a.cost - b.cost).slice(0, count)

function repeatedKinds(parts: readonly SuffixPart[]): number {
  const kinds = parts.flatMap(({ token }) => (token && ONCE.has(token.kind) ? [token.kind] : []))
  return (kinds.length - new Set(kinds).size) * TOLD_TWICE
}

function quote(path: Step | null, marks: readonly Glyph[], from: number, text: string): SuffixPart[] {
  const parts: SuffixPart[] = []
  let at = from
  for (let step = path; step; step = step.rest) {
    const { length, token } = step
    const mark = marks[at]
    const end = (marks[at + length - 1]?.at ?? 0) + 1
    at += length
    if (!mark || (SEPARATORS.has(mark.char) && !token)) continue
    const last = parts.at(-1)
    if (!token && last && !last.token && !mark.gap && last.at + last.text.length === mark.at)
      last.text += text.slice(mark.at, end)
    else parts.push({ text: text.slice(mark.at, end), at: mark.at, token })
  }
  return parts
}

/** Reads the tail that begins at a mark. */
export type TailReader = (from: number) => SuffixReading[]

/**
 * Reads tails of one text as known tokens and unknown stretches, wherever the number before them ends: what follows a
 * mark is worked out once. Tokens may be worn: `?` for a mark, or one mark taken for a look-alike. A token with two
 * meanings gives two readings, ranked by how usual each is and by its neighbours.
 *
 * @param marks the whole text
 * @param text as typed, for quoting stretches as they stand
 * @param count how many readings are wanted of one tail
 * @returns at least one reading a tail, cheapest first; the empty tail is read as nothing
 */
export function tailReader(
  context: TailContext,
  family: Family,
  marks: readonly Glyph[],
  text: string,
  count = 1,
): TailReader {
  const fitting = tokensOf(context, family)
  const { traits }: FamilyFacts = familyFacts(family)
  const isSeldomClosed = traits?.includes('seldomClosed') ?? false
  const seldom = ({ kind }: SuffixToken): number => (isSeldomClosed && kind === 'closure' ? SELDOM_CLOSED : 0)
  const paths: Paths[] = Array.from({ length: marks.length }, () => ({ known: [], unknown: [] }))
  let done = marks.length
  const walkBackTo = (from: number): void => {
    while (done > from) {
      const at = --done
      const here = paths[at]
      const char = marks[at]?.char ?? ''
      if (!here) continue
      const kind = isFree(char) ? 'free' : 'unknown'
      here.unknown = onward(paths, marks, at + 1, kind, count).map(({ cost, rest }) => ({
        cost: ownCost(char) + cost,
        length: 1,
        token: null,
        rest,
      }))
      here.known = cheapest(
        fitting(char).flatMap((token) => {
          const own = tokenCost(token, marks, at, context.wear) + seldom(token)
          if (own === Infinity) return []
          const { length } = token.key
          return onward(paths, marks, at + length, token, count).map(({ cost, rest }) => ({
            cost: own + cost,
            length,
            token,
            rest,
          }))
        }),
        count,
      )
    }
  }
  return (from) => {
    walkBackTo(from)
    const maxCost = KNOWN * (marks.length - from) + UNKNOWN_CAP
    const readings = onward(paths, marks, from, 'base', count)
      .map(({ cost, rest }) => {
        const parts = quote(rest, marks, from, text)
        return { parts, cost: cost + repeatedKinds(parts) }
      })
      .sort((a, b) => a.cost - b.cost)
    const over = Math.max(0, (readings[0]?.cost ?? 0) - maxCost)
    return readings.map(({ parts, cost }) => ({ parts, cost: cost - over }))
  }
}

/** A tail that stands by itself; see `tailReader`. */
export const readSuffixes = (
  context: TailContext,
  family: Family,
  tail: readonly Glyph[],
  text: string,
  count = 1,
): SuffixReading[] => tailReader(context, family, tail, text, count)(0)

/**
 * Least cost of leaving the marks from each place on to the tail, whatever the number before them is.
 * @returns one figure for every place from 0 to the number of marks, the last one 0
 */
export function leastTailCosts(context: TailContext, marks: readonly Glyph[]): number[] {
  const suffixes = tokensOf(context, 'any')
  const least = new Array<number>(marks.length + 1).fill(0)
  for (let at = marks.length - 1; at >= 0; at--) {
    const unknown = ownCost(marks[at]?.char ?? '') + (least[at + 1] ?? 0)
    least[at] = suffixes(marks[at]?.char ?? '').reduce((cost, token) => {
      const own = tokenCost(token, marks, at, context.wear)
      return own === Infinity ? cost : Math.min(cost, own + (least[at + token.key.length] ?? 0))
    }, unknown)
  }
  return least.map((cost, at) => Math.min(cost, KNOWN * (marks.length - at) + UNKNOWN_CAP))
}
