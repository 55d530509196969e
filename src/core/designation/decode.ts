import { commonnessWeight, glyphs, type Family, type Glyph, type PartNumbers } from '../catalogue'
import { MM_PER_INCH, writeInch } from '../quantity'
import { inchBore, listedDraftsOf, unlistedDraftsOf, type Draft } from './drafts'
import type { Language, Reading, ReadToken } from './reading'
import { readSizes } from './readSizes'
import { readSuffixes, type SuffixPart, type SuffixReading } from './readSuffixes'
import { OPEN, type SuffixToken } from './token'

/** Longest stamp read; longer text was pasted by mistake. */
export const MAX_STAMP = 80
/** A prefix is rarer than none. */
const PREFIX = 0.3
/** A digit of the base running on into another digit: it is probably a longer, other number. */
const RUN_ON_DIGIT = 6
/** Cost at which a reading is no better than not being able to read the stamp. */
const UNREADABLE = 5
const MOST_READINGS = 12
/** Readings of one tail worth telling apart, and how much worse than the best they may be. */
const MOST_TAILS = 4
const OTHER_MEANING = 2
/**
 * Numbers this much worse than the best are no longer worth telling, ln: a listed part may be a hundred times as common
 * as another, parts of a shop's own list are all alike.
 */
const LISTED_MARGIN = 6.5
const OWN_MARGIN = 2.5

const DIGIT = /\d/

const told = (token: SuffixToken, text: string, at: number): ReadToken => ({
  text,
  at,
  kind: token.kind,
  meaning: token.meaning,
  known: true,
})

function canonical(base: string, prefix: readonly SuffixToken[], parts: readonly SuffixPart[]): string {
  const front = prefix.map((token) => token.text).join('')
  return parts.reduce((text, { token }) => {
    if (!token) return text
    const joint = token.kind === 'clearance' ? '/' : /^\d/.test(token.text) ? '-' : ''
    return text + joint + token.text
  }, front + base)
}

/** The same tail is read once for each family, however many numbers may stand before it. */
type TailCache = Map<string, SuffixReading[]>

/** What is read, and how many readings of one tail are wanted. */
interface Asked {
  language: Language
  marks: readonly Glyph[]
  text: string
  count: number
  tails: TailCache
}

function tailReadings(family: Family, from: number, asked: Asked): SuffixReading[] {
  const key = `${family} ${from}`
  const known = asked.tails.get(key)
  if (known) return known
  const { language, marks, text, count } = asked
  const read = readSuffixes(language.tokens, family, marks.slice(from), text, count)
  asked.tails.set(key, read)
  return read
}

/** A digit of the base that runs on into another digit, where no token begins. */
function runsOn({ base, end }: Draft, marks: readonly Glyph[], suffix: SuffixReading): boolean {
  const after = marks[end]
  return (
    DIGIT.test(base.at(-1) ?? '') &&
    after !== undefined &&
    !after.gap &&
    DIGIT.test(after.char) &&
    !suffix.parts[0]?.token
  )
}

/** How an inch bore is written behind a number: as a fraction; whole inches in sixteenths, or they would read as a suffix. */
const inchMark = (mm: number): string => {
  const written = writeInch(mm)
  return written.includes('/') ? written : String(Math.round((mm / MM_PER_INCH) * 16))
}

/** The readings of a number with its tail, one for each way to read the tail. */
function finish(draft: Draft, asked: Asked): Reading[] {
  const { marks } = asked
  const special = inchBore(draft, marks)
  const base = special ? `${draft.base}-${inchMark(special.bore)}` : draft.base
  const from = marks[draft.start]?.at ?? 0
  const basePlace = { from, to: (marks[draft.end - 1]?.at ?? from) + 1 }
  const front: ReadToken[] = draft.prefix.map((token) => told(token, token.text, 0))
  if (special)
    front.push({
      text: writeInch(special.bore),
      at: marks[draft.end]?.at ?? 0,
      kind: 'bore',
      meaning: `inch bore ${writeInch(special.bore)} in a metric outside`,
      known: true,
    })
  return tailReadings(draft.family, draft.end + (special?.marks ?? 0), asked).map((suffix) => {
    const known = suffix.parts.flatMap(({ token }) => (token ? [token] : []))
    const tokens = [
      ...front,
      ...suffix.parts.map(({ token, text, at }) =>
        token
          ? told(token, text, at)
          : { text, at, kind: 'other' as const, meaning: 'not decoded', known: false },
      ),
    ]
    return {
      canonical: canonical(base, draft.prefix, suffix.parts),
      family: draft.family,
      base,
      part: special ? null : draft.part,
      basePlace,
      dimensions: special
        ? { ...draft.dimensions, bore: Math.round(special.bore * 1000) / 1000 }
        : draft.dimensions,
      tokens,
      unknown: tokens.filter((t) => !t.known).map((t) => t.text),
      closure: known.find((t) => t.closure)?.closure ?? OPEN,
      clearance: known.find((t) => t.kind === 'clearance')?.value ?? 'CN',
      cost:
        draft.cost +
        PREFIX * draft.prefix.length +
        suffix.cost +
        (runsOn(draft, marks, suffix) ? RUN_ON_DIGIT : 0),
      confidence: 0,
    }
  })
}

/** Readings of text that gives sizes instead of a number: `12x18x4 2RS`. */
function sizeReadings(asked: Asked): Reading[] {
  const { text, language } = asked
  const sizes = readSizes(text, language.catalogue)
  if (!sizes) return []
  const tail = { ...asked, marks: glyphs(text).filter((g) => g.at >= sizes.to), tails: new Map() }
  return sizes.parts.flatMap(({ part, cost }) => {
    const { base, family, dimensions } = part
    const draft: Draft = { part, base, family, dimensions, prefix: [], start: 0, end: 0, cost }
    return finish(draft, tail).map((reading) => ({ ...reading, basePlace: { from: 0, to: sizes.to } }))
  })
}

/** One number may name two parts: 683 is a ball bearing and a cone. */
const identityOf = ({ base, family, part }: Reading): string => `${base} ${family} ${part?.piece ?? ''}`
const meaningOf = (reading: Reading): string =>
  `${identityOf(reading)}|${reading.canonical}|${reading.tokens.map((t) => t.meaning).join('|')}`

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
const likelihood = ({ cost, part }: Reading): number => Math.exp(-cost) * (part ? commonnessWeight(part) : 1)
const likeliest = (a: Reading, b: Reading): number => likelihood(b) - likelihood(a)

function withConfidence(readings: readonly Reading[]): Reading[] {
  const total = readings.reduce((sum, r) => sum + likelihood(r), Math.exp(-UNREADABLE))
  return readings.map((r) => ({ ...r, confidence: likelihood(r) / total }))
}

/** @param count readings wanted of one tail */
function readAll(text: string, language: Language, count: number): Reading[] {
  const marks = glyphs(text.slice(0, MAX_STAMP))
  if (marks.length === 0) return []
  const asked: Asked = { language, marks, text, count, tails: new Map() }
  return [
    ...listedDraftsOf(language, language.catalogue.numbers, marks, { margin: LISTED_MARGIN }).flatMap(
      (draft) => finish(draft, asked),
    ),
    ...unlistedDraftsOf(language, marks).flatMap((draft) => finish(draft, asked)),
    ...sizeReadings(asked),
  ]
}

/**
 * Reads a stamped number against other numbers than those of the catalogue, such as a shop's own list.
 * @returns the cheapest reading of every part within reach
 */
export function readAgainst(text: string, language: Language, numbers: PartNumbers): Reading[] {
  const marks = glyphs(text.slice(0, MAX_STAMP))
  if (marks.length === 0) return []
  const asked: Asked = { language, marks, text, count: 1, tails: new Map() }
  return cheapestBy(
    listedDraftsOf(language, numbers, marks, { margin: OWN_MARGIN, edits: false }).flatMap((draft) =>
      finish(draft, asked),
    ),
    identityOf,
  )
}

/**
 * Reads a stamped number: base, prefix and suffix tokens, with lost marks (`?`, `*`) and look-alikes allowed.
 *
 * @param text as read off the part, at most `MAX_STAMP` characters (longer text is cut by the caller with words)
 * @returns the cheapest reading of every part within reach, best first, none when nothing fits; confidences sum to at
 *   most 1
 * @example readAllDesignations('6902-2rs', language)[0].canonical // '6902-2RS'
 */
export const readAllDesignations = (text: string, language: Language): Reading[] =>
  withConfidence(cheapestBy(readAll(text, language, 1), identityOf))

/** A number in a list was typed, not worn off: nothing but typing habits such as O for 0 is allowed for. */
const TYPED = 0.5
/** A tail that is not understood makes a typed number doubtful; a little of it is a maker's own letter. */
const MOST_UNKNOWN_MARKS = 4

/**
 * Reads a number as it stands, as in a stock list: no worn marks, no guesses.
 * @returns the reading with the longest number, null when no listed number stands at the front of the text
 */
export function readClean(text: string, language: Language): Reading | null {
  const marks = glyphs(text.slice(0, MAX_STAMP))
  if (marks.length === 0) return null
  const asked: Asked = { language, marks, text, count: 1, tails: new Map() }
  const drafts = listedDraftsOf(language, language.catalogue.numbers, marks, { margin: TYPED, most: TYPED })
  const [reading] = cheapestBy(
    drafts.flatMap((draft) => finish(draft, asked)),
    identityOf,
  )
  const unknown = reading?.unknown.join('').replace(/\s/g, '').length ?? 0
  return reading && unknown <= MOST_UNKNOWN_MARKS ? reading : null
}

/**
 * The readings worth showing: the best dozen. A tail that may be read in several ways gives its leading number several
 * readings (`DD`: contact seals in one convention, shields in another).
 */
export function decode(text: string, language: Language): Reading[] {
  const meanings = cheapestBy(readAll(text, language, MOST_TAILS), meaningOf)
  const parts = cheapestBy(meanings, identityOf)
  const leading = parts[0]
  if (!leading) return []
  const others = meanings.filter(
    (r) => r !== leading && identityOf(r) === identityOf(leading) && r.cost - leading.cost < OTHER_MEANING,
  )
  const shown = [...parts, ...others.slice(0, MOST_TAILS - 1)].sort(likeliest)
  return withConfidence(shown).slice(0, MOST_READINGS)
}
