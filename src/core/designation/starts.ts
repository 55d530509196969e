import { familyFacts, type FamilyFacts, type Glyph, type Part } from '../catalogue'
import { behindStandard, groupsOf, isHardwareWord, isStampWord, ringNamed } from './stampWords'
import type { SuffixToken } from './token'

/** A place where a number may begin: behind words that say nothing of it, and behind prefix tokens. */
export interface Start {
  /** mark at which the base number begins */
  at: number
  prefix: readonly SuffixToken[]
  /** marks before the prefix that belong to no number */
  skipped: number
  /** what a word or a standard before it says that the number is */
  kind: FamilyFacts['kind'] | null
  /** a word before it says which ring of a tapered set it is */
  ring: 'cone' | 'cup' | null
}

/** Prefixes that stand one behind the other, such as `S` and `F`. */
const MAX_PREFIXES = 2
/** Words before a number that are skipped. */
const MAX_WORDS = 4

const prefixes = new WeakMap<readonly SuffixToken[], Map<string, SuffixToken[]>>()

/** Prefix tokens by their first mark. */
function prefixesOf(tokens: readonly SuffixToken[]): ReadonlyMap<string, readonly SuffixToken[]> {
  const known = prefixes.get(tokens)
  if (known) return known
  const byFirst = new Map<string, SuffixToken[]>()
  for (const token of tokens) {
    const first = token.key[0]
    if (token.where === 'prefix' && first !== undefined)
      byFirst.set(first, [...(byFirst.get(first) ?? []), token])
  }
  prefixes.set(tokens, byFirst)
  return byFirst
}

const beginsWith = (marks: readonly Glyph[], at: number, key: string): boolean =>
  marks.length > at + key.length && [...key].every((char, i) => marks[at + i]?.char === char)

function behindPrefixes(
  tokens: readonly SuffixToken[],
  marks: readonly Glyph[],
  start: Start,
): readonly Start[] {
  const more =
    start.prefix.length >= MAX_PREFIXES
      ? []
      : (prefixesOf(tokens).get(marks[start.at]?.char ?? '') ?? [])
          .filter(
            (token) =>
              beginsWith(marks, start.at, token.key) && !start.prefix.some(({ kind }) => kind === token.kind),
          )
          .map((token) => ({
            at: start.at + token.key.length,
            prefix: [...start.prefix, token],
            skipped: start.skipped,
            kind: start.kind,
            ring: start.ring,
          }))
  return [start, ...more.flatMap((next) => behindPrefixes(tokens, marks, next))]
}

/** Whether a part may be what the words and prefixes before its number say. */
export const isAsSaid = ({ prefix, kind, ring }: Start, { family, piece }: Part): boolean =>
  (ring === null || ring === piece) &&
  prefix.every(({ families }) => families.includes(family)) &&
  (kind === null || kind === familyFacts(family).kind)

/** Every place where the number may begin, the front first. Words are skipped only where a gap stands behind them. */
export function startsOf(tokens: readonly SuffixToken[], marks: readonly Glyph[]): Start[] {
  const fronts: Omit<Start, 'prefix' | 'skipped'>[] = [{ at: 0, kind: null, ring: null }]
  let kind: Start['kind'] = null
  let ring: Start['ring'] = null
  for (const { from, to } of groupsOf(marks).slice(0, MAX_WORDS)) {
    const group = marks.slice(from, to)
    if (isHardwareWord(group)) kind = 'hardware'
    ring ??= ringNamed(group)
    const says = isHardwareWord(group) || isStampWord(group) || ring !== null
    if (to >= marks.length || !says) break
    fronts.push({ at: to, kind, ring })
  }
  const standard = behindStandard(marks)
  if (standard) fronts.push({ ...standard, ring: null })
  return fronts.flatMap(({ at, ...said }) =>
    behindPrefixes(tokens, marks, { at, prefix: [], skipped: at, ...said }),
  )
}
