import { findPart, type Family, type Glyph, type Part } from '../catalogue'
import type { DesignationContext } from './reading'
import { readSuffixes, type SuffixPart } from './readSuffixes'
import { saidSize } from './saidSize'
import { inchInsert } from './series/rules'
import { readSpecialBore, type SpecialBore } from './specialBore'
import { isHardwareWord, isWord, ringNamed, saysNothing } from './stampWords'
import { RARER, type SuffixToken } from './token'

/** A tail of which every mark is explained. */
export interface ExactTail {
  parts: SuffixPart[]
  /** a bore of its own, such as 5/8 in a 6203 */
  bore: SpecialBore | null
  /** groups that are not decoded */
  undecoded: number
  /** gaps that tokens were joined over */
  joins: number
  cost: number
}

/** A known token costs a little, more when this meaning is the rarer one; an undecoded group a little more. */
const TOKEN = 0.02
const UNDECODED = 0.6
/** … as groups and marks of a label that belong to the number: more is another text. */
const MAX_GROUPS = 4
/** Ways to read one tail that are kept. */
const MAX_WAYS = 8
/** A number tells its closure, clearance, precision … once. */
const TWICE = 2

const isSeparator = (char: string | undefined): boolean => char === '/' || char === '+'

interface Tail {
  context: DesignationContext
  part: Part
  marks: readonly Glyph[]
  text: string
  from: number
}

/** Tokens a family may carry, by their first mark. */
const byFamily = new WeakMap<readonly SuffixToken[], Map<Family, Map<string, SuffixToken[]>>>()

function tokensOf(tokens: readonly SuffixToken[], family: Family): Map<string, SuffixToken[]> {
  const families = byFamily.get(tokens) ?? new Map<Family, Map<string, SuffixToken[]>>()
  byFamily.set(tokens, families)
  const known = families.get(family)
  if (known) return known
  const made = new Map<string, SuffixToken[]>()
  for (const token of tokens) {
    if (token.where !== 'suffix' || !token.families.includes(family)) continue
    const first = token.key[0] ?? ''
    made.set(first, [...(made.get(first) ?? []), token])
  }
  families.set(family, made)
  return made
}

/** Typing habits: letter O and I stand for the digits. */
const HABITS: Record<string, string> = { O: '0', I: '1', '0': 'O', '1': 'I' }

/** Tokens that may begin with a mark, habits of typing allowed. */
function tokensFrom(tokens: readonly SuffixToken[], family: Family, char: string): readonly SuffixToken[] {
  const known = tokensOf(tokens, family)
  const habit = HABITS[char]
  return [...(known.get(char) ?? []), ...(habit === undefined ? [] : (known.get(habit) ?? []))]
}

/** What is not decoded last, then the fewest pieces: one long token rather than two short ones. */
const simplest = (a: ExactTail, b: ExactTail): number =>
  a.undecoded - b.undecoded || pieces(a) - pieces(b) || a.cost - b.cost

/** A token read over a gap counts as two: `C-2RS` is C and 2RS, not C2 and RS. */
const pieces = ({ parts, joins }: ExactTail): number => parts.length + joins

/** End of the group that begins at a mark: the next gap or separator. */
function groupEnd(marks: readonly Glyph[], at: number): number {
  let end = at + 1
  while (end < marks.length && !marks[end]?.gap && !isSeparator(marks[end]?.char)) end++
  return end
}

const quote = (marks: readonly Glyph[], text: string, at: number, end: number): string =>
  text.slice(marks[at]?.at ?? 0, (marks[end - 1]?.at ?? 0) + 1)

function startsAt({ key }: SuffixToken, { marks }: Tail, at: number): boolean {
  for (let i = 0; i < key.length; i++) {
    const char = marks[at + i]?.char
    if (char === undefined || (char !== key[i] && HABITS[char] !== key[i])) return false
  }
  return true
}

/** Whether worn tokens would explain a whole group: then it is a damaged suffix, not a code of the maker's own. */
function isWornSuffix({ context, part, text }: Tail, group: readonly Glyph[]): boolean {
  const [worn] = readSuffixes(context, part.family, group, text)
  return worn !== undefined && worn.parts.length > 0 && worn.parts.every(({ token }) => token !== null)
}

/** An undecoded group of digits directly behind the number may be part of another number: only a batch is long enough. */
const BATCH_DIGITS = 4

const isDirectlyBehind = ({ marks, from }: Tail, at: number): boolean =>
  marks.slice(from, at).every(({ char }) => isSeparator(char))

/** Whether figures with letters behind them begin with a bore that the part may have: `16K` behind ER205 or 6203. */
function beginsWithBore({ part, context }: Tail, group: readonly Glyph[]): boolean {
  const figures = /^(\d{1,2})[A-Z]/.exec(lettersIn(group))?.[1]
  if (figures === undefined) return false
  if (part.family === 'insert') return inchInsert(part, Number(figures), context.catalogue) !== null
  return (
    part.family === 'deep-groove' &&
    readSpecialBore(figures, part, { behindSlash: false, catalogue: context.catalogue }) !== null
  )
}

/** A group that begins with shields or seals tells them, whatever else it tells: it is not passed over whole. */
const beginsWithClosure = (tail: Tail, at: number): boolean =>
  tokensAt(tail, at).some(({ closure, key }) => closure !== null && key.length > 1)

/** A clearance group with a code of the maker's own stuck to it, `C3VT161`. */
const CLEARANCE_AND_CODE = /^C[2-5][A-Z][A-Z\d]+$/
/** Marks of a clearance group. */
const CLEARANCE_MARKS = 2
const lettersIn = (marks: readonly Glyph[]): string => marks.map(({ char }) => char).join('')

function isUndecoded(tail: Tail, at: number, end: number): boolean {
  const group = tail.marks.slice(at, end)
  if (CLEARANCE_AND_CODE.test(lettersIn(group))) return false
  if (isWornSuffix(tail, group)) return false
  const behind = isDirectlyBehind(tail, at)
  if (behind && (beginsWithBore(tail, group) || beginsWithClosure(tail, at))) return false
  if (!behind || !group.every(({ char }) => /\d/.test(char))) return true
  return group.length >= BATCH_DIGITS
}

/** One step on through the tail: where it ends, what it adds, and what it uses up. */
interface Step {
  end: number
  own: Partial<ExactTail> & { cost: number }
  /** a group that is not decoded */
  undecoded?: true
}

const NO_STEP: readonly Step[] = []

/** Where a group begins at a mark, and ends; null inside a group and at a separator. */
function groupAt({ marks }: Tail, at: number): { to: number } | null {
  const opens = marks[at]?.gap === true || isSeparator(marks[at - 1]?.char)
  return opens && !isSeparator(marks[at]?.char) ? { to: groupEnd(marks, at) } : null
}

const stretch = ({ marks, text }: Tail, at: number, end: number, token: SuffixToken | null): SuffixPart => ({
  text: quote(marks, text, at, end),
  at: marks[at]?.at ?? 0,
  token,
})

const tokensAt = (tail: Tail, at: number): readonly SuffixToken[] =>
  tokensFrom(tail.context.tokens, tail.part.family, tail.marks[at]?.char ?? '').filter((token) =>
    startsAt(token, tail, at),
  )

/** A point that stands by itself before a figure: ` .625`. */
const OPEN_POINT = /(?:^|[^A-Z\d])[.,]$/i

/** The text from a mark on, with a point before it. */
function textFrom({ marks, text }: Tail, at: number): { from: number; text: string } {
  const first = marks[at]?.at ?? 0
  const from = OPEN_POINT.test(text.slice(0, first)) ? first - 1 : first
  return { from, text: text.slice(from).toUpperCase() }
}

/** The first mark behind a place of the text. */
function markBehind({ marks }: Tail, at: number, to: number): number {
  const behind = marks.findIndex((mark, i) => i > at && mark.at >= to)
  return behind === -1 ? marks.length : behind
}

const isBored = ({ part }: Tail): boolean => part.family === 'deep-groove'

/** A bore of its own behind a metric ball bearing. */
function boreStep(tail: Tail, at: number): readonly Step[] {
  const { from, text } = textFrom(tail, at)
  const behindSlash = tail.text[from - 1] === '/'
  const { catalogue } = tail.context
  const bore = isBored(tail) ? readSpecialBore(text, tail.part, { behindSlash, catalogue }) : null
  return bore ? [{ end: markBehind(tail, at, from + bore.length), own: { bore, cost: TOKEN } }] : NO_STEP
}

/** A size said beside the number; null where none stands, no step where it contradicts the number. */
function sizeStep(tail: Tail, at: number, bored: boolean): readonly Step[] | null {
  const { from, text } = textFrom(tail, at)
  const said = saidSize(text, tail.part, isBored(tail) && !bored)
  if (said === null) return null
  if (said === 'contradicts') return NO_STEP
  return [
    {
      end: markBehind(tail, at, from + said.length),
      own: { cost: TOKEN, ...(said.bore && { bore: said.bore }) },
    },
  ]
}

/** The unit of a bore that the number itself ends with: `6203-5/8 IN`; millimetres contradict it. */
const OWN_UNIT = /^(?:(IN(?:CH)?|")|MM)(?![A-Z\d])/

function unitStep(tail: Tail, at: number): readonly Step[] | null {
  if (at !== tail.from || !/-[\d ]+(?:\/\d+)?$/.test(tail.part.base)) return null
  const behind = tail.text
    .slice((tail.marks[at - 1]?.at ?? -1) + 1)
    .trimStart()
    .toUpperCase()
  const unit = OWN_UNIT.exec(behind)
  if (!unit) return null
  const end = at + (unit[1] === '"' ? 1 : unit[0].length)
  return unit[1] === undefined ? NO_STEP : [{ end, own: { cost: TOKEN } }]
}

/** The adapter sleeve that is ordered with a tapered bore: `+H312`. */
function sleeveStep(tail: Tail, at: number, to: number): readonly Step[] {
  const part = stretch(tail, at, to, null)
  const sleeve = findPart(tail.context.catalogue, part.text, 'hardware')?.hardware
  if (sleeve?.what !== 'adapterSleeve') return NO_STEP
  const token: SuffixToken = {
    text: part.text.toUpperCase(),
    key: part.text,
    kind: 'other',
    meaning: `with adapter sleeve for a shaft of ${sleeve.shaftMm} mm, nut ${sleeve.nut}, washer ${sleeve.washer}`,
    value: '',
    also: null,
    cage: null,
    guide: null,
    inPairs: false,
    closure: null,
    where: 'suffix',
    convention: 'common',
    sure: 'usual',
    families: [tail.part.family],
  }
  return [{ end: to, own: { parts: [{ ...part, token }], cost: TOKEN } }]
}

/** Whether known tokens explain every mark up to `end`: each mark is looked at once, however many ways lead to it. */
function isExplained(tail: Tail, at: number, end: number): boolean {
  const reached = new Set([at])
  for (const from of reached)
    for (const { key } of tokensAt(tail, from)) if (from + key.length <= end) reached.add(from + key.length)
  return reached.has(end)
}

/** The code of a maker's own that is stuck to the clearance group in front of a mark. */
function codeStep(tail: Tail, at: number): readonly Step[] {
  const { marks } = tail
  const begin = groupAt(tail, at - CLEARANCE_MARKS)
  if (!begin || !CLEARANCE_AND_CODE.test(lettersIn(marks.slice(at - CLEARANCE_MARKS, begin.to))))
    return NO_STEP
  if (isExplained(tail, at, begin.to)) return NO_STEP
  const rest = stretch(tail, at, begin.to, null)
  return [{ end: begin.to, own: { parts: [rest], undecoded: 1, cost: UNDECODED }, undecoded: true }]
}

function stepsFrom(tail: Tail, at: number, bored: boolean): readonly Step[] {
  const { marks } = tail
  if (isSeparator(marks[at]?.char))
    return at + 1 < marks.length ? [{ end: at + 1, own: { cost: 0 } }] : NO_STEP
  const unit = unitStep(tail, at)
  if (unit) return unit
  const matches = tokensAt(tail, at)
  const group = groupAt(tail, at)
  const tokens = matches.map((token): Step => {
    const end = at + token.key.length
    const joins = marks.slice(at + 1, end).filter(({ gap }) => gap).length
    return { end, own: { parts: [stretch(tail, at, end, token)], joins, cost: TOKEN + RARER[token.sure] } }
  })
  if (!group) return [...tokens, ...codeStep(tail, at)]
  const size = sizeStep(tail, at, bored)
  if (size) return size
  const { to } = group
  const rest = stretch(tail, at, to, null)
  const whole = matches.some(({ key }) => at + key.length === to)
  const words = marks.slice(at, to)
  const ring = ringNamed(words)
  if (ring) return ring === tail.part.piece ? [{ end: to, own: { cost: TOKEN } }] : NO_STEP
  // `6205 bolt` asks for the bolt.
  if (!whole && isHardwareWord(words) && tail.part.piece !== 'hardware') return NO_STEP
  if (!whole && saysNothing(words)) return [{ end: to, own: { cost: TOKEN } }]
  if (!whole && isWord(words)) return [{ end: to, own: { parts: [rest], cost: TOKEN } }]
  return [
    ...tokens,
    ...(bored ? NO_STEP : boreStep(tail, at)),
    ...sleeveStep(tail, at, to),
    ...(isUndecoded(tail, at, to)
      ? [{ end: to, own: { parts: [rest], undecoded: 1, cost: UNDECODED }, undecoded: true as const }]
      : NO_STEP),
  ]
}

/** The ways on from a mark, simplest first; worked out once for each mark and what is used up before it. */
function ways(
  tail: Tail,
  at: number,
  groups: number,
  bored: boolean,
  memo: Map<string, ExactTail[]>,
): ExactTail[] {
  if (at >= tail.marks.length) return [{ parts: [], bore: null, undecoded: 0, joins: 0, cost: 0 }]
  const key = `${at} ${groups} ${bored}`
  const known = memo.get(key)
  if (known) return known
  const found = stepsFrom(tail, at, bored)
    .filter(({ undecoded }) => !undecoded || groups < MAX_GROUPS)
    .flatMap(({ end, own, undecoded }) =>
      ways(tail, end, groups + (undecoded ? 1 : 0), bored || own.bore !== undefined, memo).map((rest) => ({
        parts: [...(own.parts ?? []), ...rest.parts],
        bore: own.bore ?? rest.bore,
        undecoded: (own.undecoded ?? 0) + rest.undecoded,
        joins: (own.joins ?? 0) + rest.joins,
        cost: own.cost + rest.cost,
      })),
    )
    .sort(simplest)
    .slice(0, MAX_WAYS)
  memo.set(key, found)
  return found
}

const ONCE: ReadonlySet<SuffixToken['kind']> = new Set([
  'closure',
  'clearance',
  'precision',
  'contactAngle',
  'material',
  'cage',
  'groove',
  'taperBore',
])

function repeatedKinds({ parts }: ExactTail): number {
  const kinds = parts.flatMap(({ token }) => (token && ONCE.has(token.kind) ? [token.kind] : []))
  return (kinds.length - new Set(kinds).size) * TWICE
}

/** Where a tail is cut into tokens: other meanings count only for the same cut, `ZZ` is not `Z` and `Z`. */
const cut = ({ parts, bore }: ExactTail): string =>
  [...parts.map(({ at, text }) => `${at}+${text.length}`), bore?.text ?? ''].join(' ')

/**
 * Reads the tail of a number so that every mark is explained: known tokens of its family as they are written, a bore of
 * its own, and whole groups behind a gap or slash that are not decoded but belong to the label.
 *
 * @param from first mark of the tail
 * @returns the ways to read it, cheapest first; none when some mark is not explained
 */
export function exactTails(
  context: DesignationContext,
  part: Part,
  marks: readonly Glyph[],
  text: string,
  from: number,
): ExactTail[] {
  const read = ways({ context, part, marks, text, from }, from, 0, false, new Map())
    .map((tail) => ({ ...tail, cost: tail.cost + repeatedKinds(tail) }))
    .sort(simplest)
  const [best] = read
  return best ? read.filter((tail) => cut(tail) === cut(best)) : []
}
