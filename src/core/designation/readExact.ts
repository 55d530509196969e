import { glyphs, withoutHowMany, type Glyph, type Part } from '../catalogue'
import { writeInch } from '../quantity'
import { designationOf, writeDesignation } from './canonical'
import { exactBases, withoutHabits, type ExactBase } from './exactBase'
import { exactTails, type ExactTail } from './exactTail'
import { knownToken, undecodedToken, type DesignationContext, type Reading, type ReadToken } from './reading'
import { readSizes } from './readSizes'
import { isSealByTokens, sealFromTokens, sealBySizes } from './seals'
import { asMarks } from './spokenWords'
import { INCH_BORED, withBore } from './specialBore'
import { isAsSaid, startsOf, type Start } from './starts'
import { OPEN } from './closure'
import { clearanceOf } from './token'

/** Longest stamp read; longer text was pasted by mistake. */
export const MAX_STAMP = 80

/** A prefix is rarer than none. */
const PREFIX = 0.3
/** A word before the number is skipped at next to no cost. */
const WORD = 0.3
/** A number by rule without a row is a little less likely than a listed one. */
const COMPUTED = 0.7
/** A number in an older style may mean something else. */
const OLD_STYLE = 0.5
/** Of parts of one size the one asked for more often comes first. */
const COMMONER = 0.001
/** A bore of its own is rarer than the usual one. */
const OWN_BORE = 0.2

export const isLost = (char: string): boolean => char === '?' || char === '*'

interface Parsed {
  text: string
  marks: readonly Glyph[]
  start: Start
  base: ExactBase
  tail: ExactTail
}

function frontTokens({ text, marks, start }: Parsed): ReadToken[] {
  const first = marks[0]?.at ?? 0
  const words = start.skipped > 0 ? text.slice(first, (marks[start.skipped - 1]?.at ?? 0) + 1) : ''
  let at = marks[start.skipped]?.at ?? 0
  const prefix = start.prefix.map((token) => {
    const read = knownToken(token, token.text, at)
    at += token.text.length
    return read
  })
  return words ? [undecodedToken(words, first), ...prefix] : prefix
}

/** A bore of its own is told, also where the number is listed with it. */
function boreTokens(part: Part, { bore }: ExactTail, at: number): ReadToken[] {
  if (bore) return [{ text: bore.text, at, kind: 'bore', meaning: bore.meaning, value: '', known: true }]
  const mm = part.dimensions.bore
  if (part.series !== INCH_BORED || mm === undefined) return []
  const text = part.base.slice(part.base.indexOf('-') + 1)
  return [
    {
      text,
      at,
      kind: 'bore',
      meaning: `inch bore ${writeInch(mm)} in in a metric outside`,
      value: '',
      known: true,
    },
  ]
}

function readingOf(parsed: Parsed, { catalogue }: DesignationContext): Reading {
  const { marks, start, base, tail } = parsed
  const known = [
    ...start.prefix,
    ...base.implied,
    ...tail.parts.flatMap(({ token }) => (token ? [token] : [])),
  ]
  const part = sealFromTokens(tail.bore ? withBore(base.part, tail.bore.mm, catalogue) : base.part, known)
  const from = marks[start.at]?.at ?? 0
  const bore = boreTokens(part, tail, from)
  const tokens = [
    ...frontTokens(parsed),
    ...bore,
    ...base.implied.map((token) => knownToken(token, token.text, from)),
    ...tail.parts.map(({ token, text: own, at }) =>
      token ? knownToken(token, own, at) : undecodedToken(own, at),
    ),
  ]
  const written = writeDesignation(part.base, start.prefix, [
    ...base.implied.map((token) => ({ token, text: token.text })),
    ...tail.parts,
  ])
  return {
    canonical: designationOf(written),
    written,
    family: part.family,
    base: part.base,
    part,
    basePlace: { from, to: (marks[base.end - 1]?.at ?? from) + 1 },
    dimensions: part.dimensions,
    tokens,
    unknown: tokens.filter((t) => !t.known).map((t) => t.text),
    repaired: [],
    exact: true,
    closure: known.find((t) => t.closure)?.closure ?? OPEN,
    clearance: clearanceOf(known),
    cost:
      tail.cost +
      PREFIX * start.prefix.length +
      (start.skipped > 0 ? WORD : 0) +
      (part.computed ? COMPUTED : 0) +
      (base.implied.length > 0 ? OLD_STYLE : 0) +
      (tail.bore ? OWN_BORE : 0),
    confidence: 0,
  }
}

/** A whole group of the tail that is itself the number of a bearing: two numbers stand in the text. */
function namesAnother(context: DesignationContext, { marks, tail, text }: Parsed): boolean {
  return tail.parts.some(({ token, text: own, at }) => {
    if (token || own.length < 3) return false
    const from = marks.findIndex((mark) => mark.at === at)
    const group = glyphs(own)
    return (
      from >= 0 &&
      text !== '' &&
      exactBases(context, group, 0).some((b) => b.end === group.length && !b.part.computed)
    )
  })
}

/**
 * Sizes as text, `17x26x5 2RS`, name the listed parts of exactly these sizes. Behind or before letters of seals,
 * `TC 29x47x7 FKM`, they name a seal, listed or not: seals are ordered by their sizes.
 */
function bySizes(text: string, context: DesignationContext): Reading[] {
  const marks = glyphs(text)
  return startsOf(context.tokens, marks).flatMap((start) => {
    const from = marks[start.at]?.at ?? 0
    const sizes = readSizes(text.slice(from), context.catalogue)
    if (!sizes) return []
    const basePlace = { from, to: from + sizes.to }
    const behind = marks.findIndex((mark) => mark.at >= basePlace.to)
    const end = behind === -1 ? marks.length : behind
    const readAs = (part: Part, cost: number): Reading[] =>
      isAsSaid(start, part)
        ? exactTails(context, part, marks, text, end)
            .map((tail): Parsed => ({ text, marks, start, base: { part, end, implied: [] }, tail }))
            .filter((parsed) => !namesAnother(context, parsed))
            .map((parsed) => {
              const reading = readingOf(parsed, context)
              return { ...reading, basePlace, cost: reading.cost + cost - COMMONER * part.commonness }
            })
        : []
    const listed = sizes.parts.flatMap(({ part, cost }) => readAs(part, cost))
    const seal = listed.some(({ family }) => family === 'seal') ? null : sealBySizes(sizes)
    return [...listed, ...(seal ? readAs(seal, 0).filter(isSealByTokens) : [])]
  })
}

/** In front of a number in a short old style W is a wide inner ring, not stainless steel: `W208PP` is no 6208. */
const isWide = ({ prefix }: Start): boolean => prefix.some(({ key }) => key === 'W')

/** @param habits the same marks as base numbers are looked for in: as typed, or with habits of typing taken out */
function parse(
  text: string,
  marks: readonly Glyph[],
  habits: readonly Glyph[],
  context: DesignationContext,
): Parsed[] {
  return startsOf(context.tokens, marks).flatMap((start) =>
    exactBases(context, habits, start.at)
      .filter(({ part, implied }) => isAsSaid(start, part) && !(implied.length > 0 && isWide(start)))
      .flatMap((base) =>
        exactTails(context, base.part, marks, text, base.end).map((tail): Parsed => ({
          text,
          marks,
          start,
          // Cone and cup that carry the same letters: the set carries them once.
          base: {
            ...base,
            implied: base.implied.filter((own) => !tail.parts.some(({ token }) => token === own)),
          },
          tail,
        })),
      ),
  )
}

/** A prefix with a shorter number inside a listed one: `F683` is itself, not `683` with an F. */
const isInside = (p: Parsed, all: readonly Parsed[]): boolean =>
  p.start.prefix.length > 0 &&
  all.some(
    (q) =>
      q.start.prefix.length < p.start.prefix.length &&
      q.start.skipped === p.start.skipped &&
      q.base.end === p.base.end &&
      !q.base.part.computed,
  )

export type ExactReading =
  | { ok: true; readings: Reading[] }
  | { ok: false; reason: 'empty' | 'lostMarks' | 'twoNumbers' | 'notListed' }

const refuse = (reason: Extract<ExactReading, { ok: false }>['reason']): ExactReading => ({
  ok: false,
  reason,
})

/** Marks with nothing to read on them. */
const isBare = (marks: readonly Glyph[]): boolean => !marks.some(({ char }) => /[A-Z0-9]/.test(char))

/**
 * Reads a number as it stands: every mark is explained by a listed number or the rule of a series, by known prefixes and
 * suffixes, a word or maker's mark in front, or a separate group behind that belongs to the label. Typing habits (O for
 * 0, I for 1) are allowed; no digit is changed, dropped, added or joined over a gap.
 *
 * @returns the readings, best first (a number may name two parts, a suffix may have two meanings); refused with a reason
 *   when nothing explains the text
 * @example readExact('nu 205 c3', context) // NU205/C3
 */
export function readExact(typed: string, context: DesignationContext): ExactReading {
  const text = asMarks(withoutHowMany(typed))
  const plain = glyphs(text.slice(0, MAX_STAMP))
  if (isBare(plain)) return refuse('empty')
  if (plain.some(({ char }) => isLost(char))) {
    const sized = bySizes(text, context)
    return sized.length > 0 ? { ok: true, readings: sized } : refuse('lostMarks')
  }
  const sized = bySizes(text, context)
  const asTyped = parse(text, plain, plain, context)
  const parsed = asTyped.length > 0 ? asTyped : parse(text, plain, withoutHabits(plain), context)

  const single = parsed.filter((p) => !namesAnother(context, p) && !isInside(p, parsed))
  if (single.length === 0 && sized.length === 0) return refuse(parsed.length > 0 ? 'twoNumbers' : 'notListed')
  const all = [...single.map((p) => readingOf(p, context)), ...sized]
  const seals = sized.filter(isSealByTokens)
  const readings = seals.length > 0 ? seals : all
  return { ok: true, readings: readings.sort((a, b) => a.cost - b.cost || b.base.length - a.base.length) }
}

/** The part a number names as it stands, with its options; null when some mark is not explained. */
export function readClean(text: string, context: DesignationContext): Reading | null {
  const read = readExact(text, context)
  return read.ok ? (read.readings[0] ?? null) : null
}
