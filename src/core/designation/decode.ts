import { commonnessWeight, glyphs, type Glyph, type PartNumbers } from '../catalogue'
import { draftsOf } from './drafts'
import { standardOfEastern } from './easternNumbers'
import { isLost, MAX_STAMP, readExact } from './readExact'
import type { DesignationContext, Reading } from './reading'
import { repairsOf } from './repairs'
import { cheapestDrafts, finish, type ReadRequest } from './finishDraft'
import { cheapestBy, identityOf, likelihood, likeliest, meaningOf, withConfidence } from './likelihood'

/** Readings of one tail worth telling apart, and how much worse than the best they may be. */
const MAX_TAILS = 4
const OTHER_MEANING = 2
const MAX_READINGS = 12
/**
 * Numbers this much worse than the best are no longer worth telling, ln: a listed part may be a hundred times as common
 * as another, parts of a shop's own list are all alike.
 */
const LISTED_MARGIN = 5
const OWN_MARGIN = 2.5

/** Marks of a text; a run of lost marks is one, however often its sign was typed. */
function marksOf(text: string): Glyph[] {
  const marks = glyphs(text.slice(0, MAX_STAMP))
  return marks.filter(({ char }, i) => char !== '*' || marks[i - 1]?.char !== '*')
}

const isLegible = (marks: readonly Glyph[]): boolean => marks.some(({ char }) => /[\p{L}\p{N}]/u.test(char))

/** The one lost mark was a dash: people count it as a mark of the number. */
const LOST_DASH = 0.7
const ONE_LOST_BETWEEN_DIGITS = /^([^?*]*\d)\?(\d[^?*]*)$/

/** What a text says whose one lost mark stands between digits, if that was a dash and all is explained: `UC206?20`. */
function lostDash(text: string, context: DesignationContext): Reading[] {
  const [, before, behind] = ONE_LOST_BETWEEN_DIGITS.exec(text) ?? []
  if (before === undefined || behind === undefined) return []
  const read = readExact(`${before}-${behind}`, context)
  return read.ok
    ? read.readings
        .filter(({ unknown }) => unknown.length === 0)
        .map((reading) => ({ ...reading, exact: false, cost: reading.cost + LOST_DASH }))
    : []
}

/**
 * A number in an old style is that much rarer than one in the usual ones, ln (estimate): one of four or five figures may as
 * well be a number of its own that no list here holds.
 */
const OLD_STYLE = 1.5
const OLD_STYLE_OR_OWN = 4

/** What a text says whose only number may be one of the old eastern style: `7508` is a 32208. */
function eastern(text: string, context: DesignationContext): Reading[] {
  const read = text.trim()
  const standard = standardOfEastern(read.toUpperCase())
  const found = standard && readExact(standard.number, context)
  if (!standard || !found?.ok) return []
  const at = text.indexOf(read)
  const rarity = /^\d{4,5}A?$/i.test(read) ? OLD_STYLE_OR_OWN : OLD_STYLE
  return found.readings.map((reading) => ({
    ...reading,
    exact: false,
    cost: reading.cost + rarity,
    basePlace: { from: at, to: at + read.length },
    tokens: reading.tokens.map((token) => ({ ...token, at })),
    repaired: [{ at, read, taken: reading.canonical }],
    style: standard.style,
  }))
}

/** @param count readings wanted of one tail */
function readAll(text: string, context: DesignationContext, count: number): Reading[] {
  const exact = readExact(text, context)
  const marks = marksOf(text)
  if (!isLegible(marks)) return []
  const request: ReadRequest = { context, marks, text, count, tails: new Map() }
  const drafts = draftsOf(context, context.catalogue.numbers, marks, { margin: LISTED_MARGIN })
  const guesses = [
    ...cheapestDrafts(drafts, request).flatMap((draft) => finish(draft, request)),
    ...lostDash(text, context),
    ...eastern(text, context),
  ]
  return exact.ok ? [...fewOfEach(exact.readings, count * 2), ...behind(guesses, exact.readings)] : guesses
}

/** The first readings of each part: one number may name many, and one part may be read with many tails. */
function fewOfEach(readings: readonly Reading[], count: number): Reading[] {
  const taken = new Map<string, number>()
  return readings.filter((reading) => {
    const times = taken.get(identityOf(reading)) ?? 0
    taken.set(identityOf(reading), times + 1)
    return times < count
  })
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
  const request: ReadRequest = { context, marks, text, count: 1, tails: new Map() }
  return cheapestBy(
    cheapestDrafts(draftsOf(context, numbers, marks, { margin: OWN_MARGIN, edits: false }), request).flatMap(
      (draft) => finish(draft, request),
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
