import type { Family, Glyph, Part } from '../catalogue'
import { readSuffixes, type SuffixPart } from './readSuffixes'
import { readSpecialBore, type SpecialBore } from './specialBore'
import { isWord } from './stampWords'
import type { SuffixToken } from './token'

/** A tail of which every mark is explained. */
export interface ExactTail {
  parts: SuffixPart[]
  /** a bore of its own, such as 5/8 in a 6203 */
  bore: SpecialBore | null
  /** groups that are not decoded */
  undecoded: number
  cost: number
}

/** A known token costs a little, more when this meaning is the rarer one; an undecoded group a little more. */
const TOKEN = 0.02
const RARER: Record<SuffixToken['sure'], number> = { usual: 0, some: 0.4, seldom: 1.2 }
const UNDECODED = 0.6
/** … as groups and marks of a label that belong to the number: more is another text. */
const MOST_GROUPS = 4
/** Ways to read one tail that are kept. */
const MOST_WAYS = 4
/** A number tells its closure, clearance, precision … once. */
const TWICE = 2

const isSeparator = (char: string | undefined): boolean => char === '/' || char === '+'

interface Asked {
  tokens: readonly SuffixToken[]
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
function firstTold(tokens: readonly SuffixToken[], family: Family, char: string): readonly SuffixToken[] {
  const known = tokensOf(tokens, family)
  const habit = HABITS[char]
  return [...(known.get(char) ?? []), ...(habit === undefined ? [] : (known.get(habit) ?? []))]
}

/** End of the group that begins at a mark: the next gap or separator. */
function groupEnd(marks: readonly Glyph[], at: number): number {
  let end = at + 1
  while (end < marks.length && !marks[end]?.gap && !isSeparator(marks[end]?.char)) end++
  return end
}

const quote = (marks: readonly Glyph[], text: string, at: number, end: number): string =>
  text.slice(marks[at]?.at ?? 0, (marks[end - 1]?.at ?? 0) + 1)

function isTold({ key }: SuffixToken, { marks }: Asked, at: number): boolean {
  for (let i = 0; i < key.length; i++) {
    const char = marks[at + i]?.char
    if (char === undefined || (char !== key[i] && HABITS[char] !== key[i])) return false
  }
  return true
}

/** Whether worn tokens would explain a whole group: then it is a damaged suffix, not a code of the maker's own. */
function isWornSuffix({ tokens, part, text }: Asked, group: readonly Glyph[]): boolean {
  const [worn] = readSuffixes(tokens, part.family, group, text)
  return worn !== undefined && worn.parts.length > 0 && worn.parts.every(({ token }) => token !== null)
}

/** An undecoded group of digits directly behind the number may be part of another number: only a batch is long enough. */
const BATCH_DIGITS = 4

const isDirectlyBehind = ({ marks, from }: Asked, at: number): boolean =>
  marks.slice(from, at).every(({ char }) => isSeparator(char))

function isUndecoded(asked: Asked, at: number, end: number): boolean {
  const group = asked.marks.slice(at, end)
  if (isWornSuffix(asked, group)) return false
  if (!isDirectlyBehind(asked, at) || !group.every(({ char }) => /\d/.test(char))) return true
  return group.length >= BATCH_DIGITS
}

function ways(
  asked: Asked,
  at: number,
  groups: number,
  bored: boolean,
  memo: Map<string, ExactTail[]>,
): ExactTail[] {
  const { marks, text, tokens, part, from } = asked
  if (at >= marks.length) return [{ parts: [], bore: null, undecoded: 0, cost: 0 }]
  const key = `${at} ${groups} ${bored}`
  const known = memo.get(key)
  if (known) return known
  memo.set(key, [])
  const mark = marks[at]
  const separator = isSeparator(mark?.char)
  const opens = mark?.gap === true || isSeparator(marks[at - 1]?.char)
  const found: ExactTail[] = []
  const onward = (
    end: number,
    own: Partial<ExactTail> & { cost: number },
    used: number,
    hasBore: boolean,
  ) => {
    for (const rest of ways(asked, end, used, hasBore, memo))
      found.push({
        parts: [...(own.parts ?? []), ...rest.parts],
        bore: own.bore ?? rest.bore,
        undecoded: (own.undecoded ?? 0) + rest.undecoded,
        cost: own.cost + rest.cost,
      })
  }
  const end = opens && !separator ? groupEnd(marks, at) : at
  if (end > at && isWord(marks.slice(at, end))) {
    const parts = [{ text: quote(marks, text, at, end), at: mark?.at ?? 0, token: null }]
    onward(end, { parts, cost: TOKEN }, groups, bored)
    memo.set(key, found)
    return found
  }
  if (separator && at + 1 < marks.length) onward(at + 1, { cost: 0 }, groups, bored)
  for (const token of firstTold(tokens, part.family, mark?.char ?? ''))
    if (isTold(token, asked, at)) {
      const behind = at + token.key.length
      const parts = [{ text: quote(marks, text, at, behind), at: mark?.at ?? 0, token }]
      onward(behind, { parts, cost: TOKEN + RARER[token.sure] }, groups, bored)
    }
  if (opens && !bored && part.family === 'deep-groove') {
    const bore = readSpecialBore(text.slice(mark?.at ?? 0).toUpperCase(), part)
    const behind = bore ? marks.findIndex((m, i) => i > at && m.at >= (mark?.at ?? 0) + bore.length) : -1
    if (bore) onward(behind === -1 ? marks.length : behind, { bore, cost: TOKEN }, groups, true)
  }
  if (end > at && groups < MOST_GROUPS && isUndecoded(asked, at, end)) {
    const parts = [{ text: quote(marks, text, at, end), at: mark?.at ?? 0, token: null }]
    onward(end, { parts, undecoded: 1, cost: UNDECODED }, groups + 1, bored)
  }
  const kept = found
    .sort((a, b) => a.undecoded - b.undecoded || a.cost - b.cost)
    .slice(0, from === at ? MOST_WAYS * 2 : MOST_WAYS)
  memo.set(key, kept)
  return kept
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

function toldTwice({ parts }: ExactTail): number {
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
  tokens: readonly SuffixToken[],
  part: Part,
  marks: readonly Glyph[],
  text: string,
  from: number,
): ExactTail[] {
  const read = ways({ tokens, part, marks, text, from }, from, 0, false, new Map())
    .map((tail) => ({ ...tail, cost: tail.cost + toldTwice(tail) }))
    .sort((a, b) => a.undecoded - b.undecoded || a.cost - b.cost)
  const [best] = read
  return best ? read.filter((tail) => cut(tail) === cut(best)) : []
}
