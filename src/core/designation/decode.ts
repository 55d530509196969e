import { commonnessWeight, glyphs, type Family, type Glyph, type Part, type PartNumbers } from '../catalogue'
import { designationOf, writeDesignation } from './canonical'
import { draftsOf, type Draft } from './drafts'
import { isLost, MAX_STAMP, readExact } from './readExact'
import { knownToken, undecodedToken, type DesignationContext, type Reading } from './reading'
import { tailReader, type SuffixReading, type TailReader } from './readSuffixes'
import { repairsOf } from './repairs'
import { LETTERS_LIKE_DIGITS, mayBeMisread } from './lookAlikes'
import { OPEN } from './closure'
import type { SuffixToken } from './token'

/** A maker's prefix is rarer than none … */
const PREFIX = 0.3
/** … and a stainless, hybrid or flanged variant without a row of its own is rare beside its plain number (estimate). */
const VARIANT: Readonly<Record<string, number>> = { stainless: 2.5, hybrid: 3.5, flange: 6 }
/** The number found joins two digits over a gap that was read, or has a gap between two digits that was not read. */
const JOINED = 4
const GAP_LEFT_OUT = 1
/** A digit of the base running on into another digit: it is probably a longer, other number. */
const RUN_ON_DIGIT = 6
/** … and into one behind a gap, which no token explains: a bore of its own rather than an unknown code. */
const GAP_DIGIT = 3
/**
 * Cost at which a reading is no better than not being able to read the stamp. A clear number that nothing explains is
 * probably one that is not listed, not a worn one.
 */
const UNREADABLE = { lost: 5, clear: 2.5 }
const MAX_READINGS = 12
/** Readings of one tail worth telling apart, and how much worse than the best they may be. */
const MAX_TAILS = 4
const OTHER_MEANING = 2
/**
 * Numbers this much worse than the best are no longer worth telling, ln: a listed part may be a hundred times as common
 * as another, parts of a shop's own list are all alike.
 */
const LISTED_MARGIN = 5
const OWN_MARGIN = 2.5

const DIGIT = /\d/

/** Tails are read once for each family and end, however many numbers may stand before them. */
interface FamilyTails {
  read: TailReader
  known: Map<number, SuffixReading[]>
}

/** What is read, and how many readings of one tail are wanted. */
interface Asked {
  context: DesignationContext
  marks: readonly Glyph[]
  text: string
  count: number
  tails: Map<Family, FamilyTails>
}

function tailReadings({ family, end }: Draft, asked: Asked): SuffixReading[] {
  const { context, marks, text, count, tails } = asked
  const held = tails.get(family) ?? {
    read: tailReader(context, family, marks, text, count),
    known: new Map<number, SuffixReading[]>(),
  }
  tails.set(family, held)
  const read = held.known.get(end) ?? held.read(end)
  held.known.set(end, read)
  return read
}

/** Cost of a digit of the base that runs on into another digit, where no token begins. */
function runOnCost({ base, end }: Draft, marks: readonly Glyph[], suffix: SuffixReading): number {
  const after = marks[end]
  if (!after || suffix.parts[0]?.token || !DIGIT.test(base.at(-1) ?? '')) return 0
  // Behind a gap a lost mark may be a digit too: what follows is more likely a bore than a code nobody knows.
  if (after.gap) return /[\d?]/.test(after.char) ? GAP_DIGIT : 0
  // `6203-8/4` is a fraction, and no number 6203-8 with something behind it.
  if (after.char === '/' && DIGIT.test(marks[end + 1]?.char ?? '')) return GAP_DIGIT
  if (after.char === '?') return DIGIT.test(marks[end + 1]?.char ?? '') ? GAP_DIGIT : 0
  return DIGIT.test(after.char) ? RUN_ON_DIGIT : 0
}

/** A token that may be worn: it says for what it was taken. */
const worn = (token: SuffixToken, text: string, at: number) => ({
  ...knownToken(token, text, at),
  taken: token.text,
})

/** A digit, a lost mark, or a letter that a worn digit shows. */
const mayBeDigit = (mark: Glyph | undefined): boolean =>
  mark !== undefined && (/[\d?]/.test(mark.char) || LETTERS_LIKE_DIGITS.has(mark.char))

/** Cost of gaps between digits that stand otherwise than in the number; nothing where marks were missed or added. */
function gapCost({ part, stamped, start, end }: Draft, marks: readonly Glyph[]): number {
  if (end - start !== stamped.length) return 0
  const own = glyphs(part.base)
  if (own.length !== stamped.length) return 0
  let cost = 0
  for (let i = 1; i < own.length; i++) {
    const read = marks[start + i]
    const splits = DIGIT.test(own[i]?.char ?? '') && DIGIT.test(own[i - 1]?.char ?? '')
    if (
      !splits ||
      !read ||
      !mayBeDigit(read) ||
      !mayBeDigit(marks[start + i - 1]) ||
      own[i]?.gap === read.gap
    )
      continue
    cost += read.gap ? JOINED : GAP_LEFT_OUT
  }
  return cost
}

/** Marks read beside the marks that a number with its tail has in their places; none where marks were missed or added. */
function marksBeside(
  { stamped, start, end }: Draft,
  marks: readonly Glyph[],
  suffix: SuffixReading,
): { read: string; stamped: string }[] {
  const beside = (key: string, from: number) =>
    [...key].map((char, i) => ({ read: marks[from + i]?.char ?? '', stamped: char }))
  return [
    ...(end - start === stamped.length ? beside(stamped, start) : []),
    ...suffix.parts.flatMap(({ token, at }) =>
      token
        ? beside(
            token.key,
            marks.findIndex((mark) => mark.at === at),
          )
        : [],
    ),
  ]
}

/** What it costs besides that some marks are misread and others are not, where the wear says so. */
function severalCost(draft: Draft, { context, marks }: Asked, suffix: SuffixReading): number {
  const { wear } = context
  if (!wear?.several) return 0
  const beside = marksBeside(draft, marks, suffix).filter(({ read }) => !isLost(read))
  return wear.several(
    beside.filter(({ read, stamped }) => read !== stamped).length,
    beside.filter(({ stamped }) => mayBeMisread(stamped, wear.worn)).length,
  )
}

/** What a number costs with one reading of its tail. */
const wholeCost = (draft: Draft, asked: Asked, suffix: SuffixReading): number =>
  draft.cost +
  draft.prefix.reduce((sum, { value }) => sum + (VARIANT[value] ?? PREFIX), 0) +
  suffix.cost +
  runOnCost(draft, asked.marks, suffix) +
  gapCost(draft, asked.marks) +
  severalCost(draft, asked, suffix)

/** The readings of a number with its tail, one for each way to read the tail. */
function finish(draft: Draft, asked: Asked): Reading[] {
  const { marks } = asked
  const from = marks[draft.start]?.at ?? 0
  const basePlace = { from, to: (marks[draft.end - 1]?.at ?? from) + 1 }
  return tailReadings(draft, asked).map((suffix) => {
    const known = [...draft.prefix, ...suffix.parts.flatMap(({ token }) => (token ? [token] : []))]
    const tokens = [
      ...draft.prefix.map((token) => worn(token, token.text, marks[0]?.at ?? 0)),
      ...suffix.parts.map(({ token, text, at }) =>
        token ? worn(token, text, at) : undecodedToken(text, at),
      ),
    ]
    const decoded = suffix.parts.filter(({ token }) => token)
    const written = writeDesignation(draft.base, draft.prefix, decoded)
    return {
      canonical: designationOf(written),
      written,
      family: draft.family,
      base: draft.base,
      part: draft.part,
      basePlace,
      dimensions: draft.dimensions,
      tokens,
      unknown: tokens.filter((t) => !t.known).map((t) => t.text),
      repaired: [],
      stamped: draft.stamped,
      exact: false,
      closure: known.find((t) => t.closure)?.closure ?? OPEN,
      clearance: known.find((t) => t.kind === 'clearance')?.value ?? 'CN',
      cost: wholeCost(draft, asked, suffix),
      confidence: 0,
    }
  })
}

/** Of several drafts of one part only the cheapest is worth making a reading of. */
function cheapestDrafts(drafts: readonly Draft[], asked: Asked): Draft[] {
  const held = new Map<Part, { draft: Draft; cost: number }>()
  for (const draft of drafts) {
    const cost = Math.min(...tailReadings(draft, asked).map((suffix) => wholeCost(draft, asked, suffix)))
    const known = held.get(draft.part)
    if (!known || cost < known.cost) held.set(draft.part, { draft, cost })
  }
  return [...held.values()].map(({ draft }) => draft)
}

/** One number may name two parts: 683 is a ball bearing and a cone. */
const identityOf = ({ base, family, part }: Reading): string => `${base} ${family} ${part.piece}`
const meaningOf = (reading: Reading): string =>
  `${identityOf(reading)}|${reading.unknown.join(' ')}|${reading.tokens.map((t) => t.meaning).join('|')}`

function cheapestBy(readings: readonly Reading[], keyOf: (reading: Reading) => string): Reading[] {
  const cheapest = new Map<string, Reading>()
  for (const reading of readings) {
    const key = keyOf(reading)
    const held = cheapest.get(key)
    if (!held || reading.cost < held.cost) cheapest.set(key, reading)
  }
  return [...cheapest.values()].sort(likeliest)
}

/** Relative probability: how well the text is read, and how often such a part turns up. */
const likelihood = ({ cost, part }: Reading): number => Math.exp(-cost) * commonnessWeight(part)
const likeliest = (a: Reading, b: Reading): number => likelihood(b) - likelihood(a)

function withConfidence(readings: readonly Reading[], lost: boolean): Reading[] {
  const unreadable = Math.exp(-(lost ? UNREADABLE.lost : UNREADABLE.clear))
  const exact = readings.some((r) => r.exact)
  const total = readings.reduce((sum, r) => sum + likelihood(r), exact ? 0 : unreadable)
  const of = (r: Reading) => Math.min(1, likelihood(r) / Math.max(total, Number.MIN_VALUE))
  return readings.map((r) => ({ ...r, confidence: of(r) }))
}

/** Marks of a text; a run of lost marks is one, however often its sign was typed. */
function marksOf(text: string): Glyph[] {
  const marks = glyphs(text.slice(0, MAX_STAMP))
  return marks.filter(({ char }, i) => char !== '*' || marks[i - 1]?.char !== '*')
}

const isLegible = (marks: readonly Glyph[]): boolean => marks.some(({ char }) => /[\p{L}\p{N}]/u.test(char))

/** The one lost mark was a dash: people count it as a mark of the number. */
const LOST_DASH = 0.7
const ONE_LOST_BETWEEN_DIGITS = /^([^?*]*\d)\?(\d[^?*]*)$/

/** What a text says whose one lost mark stands between digits, if that was a dash: `UC206?20`. */
function lostDash(text: string, context: DesignationContext): Reading[] {
  const [, before, behind] = ONE_LOST_BETWEEN_DIGITS.exec(text) ?? []
  if (before === undefined || behind === undefined) return []
  const read = readExact(`${before}-${behind}`, context)
  return read.ok
    ? read.readings.map((reading) => ({ ...reading, exact: false, cost: reading.cost + LOST_DASH }))
    : []
}

/** @param count readings wanted of one tail */
function readAll(text: string, context: DesignationContext, count: number): Reading[] {
  const exact = readExact(text, context)
  const marks = marksOf(text)
  if (!isLegible(marks)) return []
  const asked: Asked = { context, marks, text, count, tails: new Map() }
  const drafts = draftsOf(context, context.catalogue.numbers, marks, { margin: LISTED_MARGIN })
  const guesses = [
    ...cheapestDrafts(drafts, asked).flatMap((draft) => finish(draft, asked)),
    ...lostDash(text, context),
  ]
  return exact.ok ? [...exact.readings.slice(0, count * 2), ...behind(guesses, exact.readings)] : guesses
}

/** A number that is explained as it stands is hardly ever another one worn: guesses follow it at this distance, ln. */
const BEHIND_EXACT = 4

function behind(guesses: readonly Reading[], exact: readonly Reading[]): Reading[] {
  const [best] = exact
  const same = new Set(exact.map(identityOf))
  const least = best ? likelihood(best) : 1
  return guesses
    .filter((guess) => !same.has(identityOf(guess)))
    .map((guess) => ({
      ...guess,
      // Commonness may speak between two readings, but never for a changed mark against none.
      cost: Math.max(
        guess.cost + BEHIND_EXACT,
        Math.log(commonnessWeight(guess.part) / least) + BEHIND_EXACT,
      ),
    }))
}

/**
 * Reads a stamped number against other numbers than those of the catalogue, such as a shop's own list.
 * @returns the cheapest reading of every part within reach
 */
export function readAgainst(text: string, context: DesignationContext, numbers: PartNumbers): Reading[] {
  const marks = marksOf(text)
  if (!isLegible(marks)) return []
  const asked: Asked = { context, marks, text, count: 1, tails: new Map() }
  return cheapestBy(
    cheapestDrafts(draftsOf(context, numbers, marks, { margin: OWN_MARGIN, edits: false }), asked).flatMap(
      (draft) => finish(draft, asked),
    ),
    identityOf,
  )
}

const hasLost = (text: string): boolean => [...text].some(isLost)

/**
 * Reads a stamped number: base, prefix and suffix tokens, with lost marks (`?`, `*`) and look-alikes allowed.
 *
 * @param text as read off the part, at most `MAX_STAMP` characters (longer text is cut by the caller with words)
 * @returns the cheapest reading of every part within reach, best first, none when nothing fits; confidences sum to at
 *   most 1
 * @example readAllDesignations('6205-2rs', context)[0].canonical // '6205-2RS'
 */
export const readAllDesignations = (text: string, context: DesignationContext): Reading[] =>
  withConfidence(
    // The cheapest tail is part of the cheapest reading, unless it counts how many marks were misread.
    cheapestBy(readAll(text, context, context.wear?.several ? MAX_TAILS : 1), identityOf),
    hasLost(text),
  )

/** A reading with the marks that were taken for others. */
export function withRepairs(reading: Reading, text: string): Reading {
  if (reading.exact || reading.stamped === undefined) return reading
  const { from, to } = reading.basePlace
  const marks = marksOf(text)
  const inBase = repairsOf(
    marks.filter(({ at }) => at >= from && at < to),
    reading.stamped,
  )
  const inTail = reading.tokens.flatMap(({ text: read, at, taken }) =>
    taken === undefined || at < to
      ? []
      : repairsOf(
          glyphs(read).map((mark) => ({ ...mark, at: mark.at + at })),
          glyphs(taken)
            .map(({ char }) => char)
            .join(''),
        ),
  )
  return { ...reading, repaired: [...inBase, ...inTail] }
}

/**
 * The readings worth showing: the best dozen. A tail that may be read in several ways gives its leading number several
 * readings (`DD`: contact seals in one convention, shields in another).
 */
export function decode(text: string, context: DesignationContext): Reading[] {
  const meanings = cheapestBy(readAll(text, context, MAX_TAILS), meaningOf)
  const parts = cheapestBy(meanings, identityOf)
  const leading = parts[0]
  if (!leading) return []
  const others = meanings.filter(
    (r) => r !== leading && identityOf(r) === identityOf(leading) && r.cost - leading.cost < OTHER_MEANING,
  )
  const shown = [...parts, ...others.slice(0, MAX_TAILS - 1)].sort(likeliest)
  return withConfidence(shown, hasLost(text))
    .slice(0, MAX_READINGS)
    .map((reading) => withRepairs(reading, text))
}
