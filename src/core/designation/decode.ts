import { glyphs, type Glyph } from '../catalogue'
import { writeInch } from '../quantity'
import { draftsOf, inchBore, type Draft } from './drafts'
import type { Language, Reading, ReadToken } from './reading'
import { readSizes } from './readSizes'
import { readSuffixes, type SuffixPart, type SuffixReading } from './readSuffixes'
import { OPEN, type SuffixToken } from './token'

/** Longest stamp read; longer text was pasted by mistake. */
export const MAX_STAMP = 80
/** A prefix is rarer than none. */
const PREFIX = 0.3
/** A digit of the base running on into another digit: it is probably a longer, other number. */
const RUN_ON_DIGIT = 3.5
/** Cost at which a reading is no better than not being able to read the stamp. */
const UNREADABLE = 5
const MOST_READINGS = 12

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
type TailCache = Map<string, SuffixReading>

function finish(
  draft: Draft,
  language: Language,
  marks: readonly Glyph[],
  text: string,
  tails: TailCache = new Map(),
): Reading {
  const special = inchBore(draft, marks)
  const tailFrom = draft.end + (special?.marks ?? 0)
  const tail = marks.slice(tailFrom)
  const tailKey = `${draft.family} ${tailFrom}`
  const suffix = tails.get(tailKey) ?? readSuffixes(language.tokens, draft.family, tail, text)
  tails.set(tailKey, suffix)
  const after = marks[draft.end]
  const runOn =
    DIGIT.test(draft.base.at(-1) ?? '') &&
    after &&
    !after.gap &&
    DIGIT.test(after.char) &&
    !suffix.parts[0]?.token
      ? RUN_ON_DIGIT
      : 0
  const base = special ? `${draft.base}-${writeInch(special.bore)}` : draft.base
  const known = suffix.parts.flatMap(({ token }) => (token ? [token] : []))
  const from = marks[draft.start]?.at ?? 0
  const tokens: ReadToken[] = [
    ...draft.prefix.map((token) => told(token, token.text, 0)),
    ...(special
      ? [
          {
            text: writeInch(special.bore),
            at: marks[draft.end]?.at ?? 0,
            kind: 'bore' as const,
            meaning: `inch bore ${writeInch(special.bore)} in a metric outside`,
            known: true,
          },
        ]
      : []),
    ...suffix.parts.map(({ token, text: quoted, at }) =>
      token
        ? told(token, quoted, at)
        : { text: quoted, at, kind: 'other' as const, meaning: 'not decoded', known: false },
    ),
  ]
  return {
    canonical: canonical(base, draft.prefix, suffix.parts),
    family: draft.family,
    base,
    part: special ? null : draft.part,
    basePlace: { from, to: (marks[draft.end - 1]?.at ?? from) + 1 },
    dimensions: special
      ? { ...draft.dimensions, bore: Math.round(special.bore * 1000) / 1000 }
      : draft.dimensions,
    tokens,
    unknown: tokens.filter((t) => !t.known).map((t) => t.text),
    closure: known.find((t) => t.closure)?.closure ?? OPEN,
    clearance: known.find((t) => t.kind === 'clearance')?.value ?? 'CN',
    cost: draft.cost + PREFIX * draft.prefix.length + suffix.cost + runOn,
    confidence: 0,
  }
}

/** Readings of text that gives sizes instead of a number: `12x18x4 2RS`. */
function sizeReadings(text: string, language: Language): Reading[] {
  const sizes = readSizes(text, language.catalogue)
  if (!sizes) return []
  return sizes.parts.map(({ part, cost }) => {
    const marks = glyphs(text).filter((g) => g.at >= sizes.to)
    const draft: Draft = {
      part,
      base: part.base,
      family: part.family,
      dimensions: part.dimensions,
      prefix: [],
      start: 0,
      end: 0,
      cost,
    }
    return { ...finish(draft, language, marks, text), basePlace: { from: 0, to: sizes.to } }
  })
}

/** One number may name two parts: 683 is a ball bearing and a cone. */
const identityOf = ({ base, family, part }: Reading): string => `${base} ${family} ${part?.piece ?? ''}`

function best(readings: readonly Reading[]): Reading[] {
  const byMeaning = new Map<string, Reading>()
  for (const reading of readings) {
    const key = `${identityOf(reading)}|${reading.canonical}`
    const held = byMeaning.get(key)
    if (!held || reading.cost < held.cost) byMeaning.set(key, reading)
  }
  const cheapest = new Map<string, Reading>()
  for (const reading of byMeaning.values()) {
    const held = cheapest.get(identityOf(reading))
    if (!held || reading.cost < held.cost) cheapest.set(identityOf(reading), reading)
  }
  const sorted = [...cheapest.values()].sort(
    (a, b) => a.cost - b.cost || (b.part?.commonness ?? 0) - (a.part?.commonness ?? 0),
  )
  const total = sorted.reduce((sum, r) => sum + Math.exp(-r.cost), Math.exp(-UNREADABLE))
  return sorted.map((r) => ({ ...r, confidence: Math.exp(-r.cost) / total }))
}

/**
 * Reads a stamped number: base, prefix and suffix tokens, with lost marks (`?`, `*`) and look-alikes allowed.
 *
 * @param text as read off the part, at most `MAX_STAMP` characters (longer text is cut by the caller with words)
 * @returns every reading within reach, best first, none when nothing fits; confidences sum to at most 1
 * @example readDesignation('6902-2rs', language)[0].canonical // '6902-2RS'
 */
export function readAllDesignations(text: string, language: Language): Reading[] {
  const marks = glyphs(text.slice(0, MAX_STAMP))
  if (marks.length === 0) return []
  const tails: TailCache = new Map()
  return best([
    ...draftsOf(language, marks).map((draft) => finish(draft, language, marks, text, tails)),
    ...sizeReadings(text, language),
  ])
}

/** The readings worth showing: the best dozen. */
export const decode = (text: string, language: Language): Reading[] =>
  readAllDesignations(text, language).slice(0, MOST_READINGS)
