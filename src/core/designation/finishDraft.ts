import { glyphs, type Family, type Glyph, type Part } from '../catalogue'
import { designationOf, writeDesignation } from './canonical'
import type { Draft } from './drafts'
import { isLost } from './readExact'
import { knownToken, undecodedToken, type DesignationContext, type Reading } from './reading'
import { tailReader, type SuffixReading, type TailReader } from './readSuffixes'
import { LETTERS_LIKE_DIGITS, mayBeMisread } from './lookAlikes'
import { OPEN } from './closure'
import { clearanceOf, type SuffixToken } from './token'

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
const DIGIT = /\d/

/** Tails are read once for each family and end, however many numbers may stand before them. */
interface FamilyTails {
  read: TailReader
  known: Map<number, SuffixReading[]>
}

/** What is read, and how many readings of one tail are wanted. */
export interface ReadRequest {
  context: DesignationContext
  marks: readonly Glyph[]
  text: string
  count: number
  tails: Map<Family, FamilyTails>
}

function tailReadings({ family, end }: Draft, request: ReadRequest): SuffixReading[] {
  const { context, marks, text, count, tails } = request
  const cached = tails.get(family) ?? {
    read: tailReader(context, family, marks, text, count),
    known: new Map<number, SuffixReading[]>(),
  }
  tails.set(family, cached)
  const read = cached.known.get(end) ?? cached.read(end)
  cached.known.set(end, read)
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
function severalCost(draft: Draft, { context, marks }: ReadRequest, suffix: SuffixReading): number {
  const { wear } = context
  if (!wear?.several) return 0
  const beside = marksBeside(draft, marks, suffix).filter(({ read }) => !isLost(read))
  return wear.several(
    beside.filter(({ read, stamped }) => read !== stamped).length,
    beside.filter(({ stamped }) => mayBeMisread(stamped, wear.worn)).length,
  )
}

/** What a number costs with one reading of its tail. */
const wholeCost = (draft: Draft, request: ReadRequest, suffix: SuffixReading): number =>
  draft.cost +
  draft.prefix.reduce((sum, { value }) => sum + (VARIANT[value] ?? PREFIX), 0) +
  suffix.cost +
  runOnCost(draft, request.marks, suffix) +
  gapCost(draft, request.marks) +
  severalCost(draft, request, suffix)

/** The readings of a number with its tail, one for each way to read the tail. */
export function finish(draft: Draft, request: ReadRequest): Reading[] {
  const { marks } = request
  const from = marks[draft.start]?.at ?? 0
  const basePlace = { from, to: (marks[draft.end - 1]?.at ?? from) + 1 }
  return tailReadings(draft, request).map((suffix) => {
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
      clearance: clearanceOf(known),
      cost: wholeCost(draft, request, suffix),
      confidence: 0,
    }
  })
}

/** Of several drafts of one part only the cheapest is worth making a reading of. */
export function cheapestDrafts(drafts: readonly Draft[], request: ReadRequest): Draft[] {
  const cheapest = new Map<Part, { draft: Draft; cost: number }>()
  for (const draft of drafts) {
    const cost = Math.min(...tailReadings(draft, request).map((suffix) => wholeCost(draft, request, suffix)))
    const known = cheapest.get(draft.part)
    if (!known || cost < known.cost) cheapest.set(draft.part, { draft, cost })
  }
  return [...cheapest.values()].map(({ draft }) => draft)
}
