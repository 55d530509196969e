import type { Family, Glyph } from '../catalogue'
import type { SuffixToken } from './token'

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

/** A known token costs a little, so that one long token beats two short ones. */
const KNOWN = 0.1
/** An unknown mark; a whole unknown tail (date, batch, place) never costs more than the cap. */
const UNKNOWN_MARK = 1
const UNKNOWN_CAP = 3
/** A slash between tokens is a separator and free. */
const SEPARATORS = new Set(['/', '+'])
/** A known token stuck to unknown marks is probably chance: `C` inside a word. */
const TOUCHING_UNKNOWN = 1.2

const usable = (token: SuffixToken, family: Family): boolean =>
  token.where === 'suffix' && (token.families.length === 0 || token.families.includes(family))

function matches(token: SuffixToken, marks: readonly Glyph[], at: number): boolean {
  for (let i = 0; i < token.key.length; i++) if (marks[at + i]?.char !== token.key[i]) return false
  return true
}

/**
 * Reads the tail of a number as known tokens and unknown stretches, cheapest reading first found from the end.
 * `?` and `*` in the tail are lost marks: free, and told as unknown.
 *
 * @param marks the tail after the base number
 * @param text the text as typed, for quoting stretches as they stand
 */
export function readSuffixes(
  tokens: readonly SuffixToken[],
  family: Family,
  marks: readonly Glyph[],
  text: string,
): SuffixReading {
  const fitting = tokens.filter((token) => usable(token, family))
  const steps = Array.from({ length: marks.length }, () => ({ known: DEAD_END, unknown: DEAD_END }))
  for (let at = marks.length - 1; at >= 0; at--) {
    const step = steps[at]
    if (!step) continue
    const free = isFree(marks[at]?.char ?? '')
    step.unknown = {
      cost: (free ? 0 : UNKNOWN_MARK) + costFrom(steps, marks, at + 1, free ? 'either' : 'unknown'),
      length: 1,
      token: null,
    }
    for (const token of fitting) {
      if (!matches(token, marks, at)) continue
      const length = token.key.length
      const cost = KNOWN + costFrom(steps, marks, at + length, 'known')
      if (cost < step.known.cost) step.known = { cost, length, token }
    }
  }
  const path = cheapest(steps, marks)
  return {
    parts: quote(path, marks, text),
    cost: Math.min(costFrom(steps, marks, 0, 'either'), KNOWN * marks.length + UNKNOWN_CAP),
  }
}

interface Step {
  cost: number
  length: number
  token: SuffixToken | null
}
type Steps = readonly { known: Step; unknown: Step }[]
const DEAD_END: Step = { cost: Infinity, length: 1, token: null }

const isFree = (char: string): boolean => SEPARATORS.has(char) || char === '?' || char === '*'

/** Whether a step at `at` that differs in kind from the one before it touches it without a gap. */
const touches = (marks: readonly Glyph[], at: number): boolean =>
  !marks[at]?.gap && !isFree(marks[at]?.char ?? '')

function costFrom(
  steps: Steps,
  marks: readonly Glyph[],
  at: number,
  before: 'known' | 'unknown' | 'either',
): number {
  const step = steps[at]
  if (!step) return 0
  const seam = touches(marks, at) ? TOUCHING_UNKNOWN : 0
  return Math.min(
    step.known.cost + (before === 'unknown' ? seam : 0),
    step.unknown.cost + (before === 'known' ? seam : 0),
  )
}

function cheapest(steps: Steps, marks: readonly Glyph[]): Step[] {
  const path: Step[] = []
  let before: 'known' | 'unknown' | 'either' = 'either'
  for (let at = 0; at < marks.length;) {
    const step = steps[at]
    if (!step) break
    const seam = touches(marks, at) ? TOUCHING_UNKNOWN : 0
    const known = step.known.cost + (before === 'unknown' ? seam : 0)
    const unknown = step.unknown.cost + (before === 'known' ? seam : 0)
    const pick: Step = known <= unknown ? step.known : step.unknown
    before = isFree(marks[at]?.char ?? '') ? 'either' : pick.token ? 'known' : 'unknown'
    path.push(pick)
    at += pick.length
  }
  return path
}

function quote(path: readonly Step[], marks: readonly Glyph[], text: string): SuffixPart[] {
  const parts: SuffixPart[] = []
  let at = 0
  for (const { length, token } of path) {
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
