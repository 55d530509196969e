import { glyphs } from '../catalogue'
import { decode } from './decode'
import { exactBases } from './exactBase'
import { readClean } from './readExact'
import type { Language, Reading } from './reading'
import { groupsOf } from './stampWords'

/** A number that may have been meant, and what was changed to come to it. Offered, never taken. */
export interface Suggestion {
  designation: string
  changed: string
}

const MOST = 5
/** Guesses less likely than this beside the best are no help. */
const LEAST_SHARE = 0.02

function changedWords({ repaired, tokens }: Reading): string {
  const repairs = repaired.map(({ read, taken }) => {
    if (read === '') return `${taken} added`
    return taken === '' ? `${read} left out` : `${read} read as ${taken}`
  })
  const unknown = tokens.filter((t) => !t.known).map((t) => `“${t.text.trim()}” not understood`)
  return [...repairs, ...unknown].join(', ')
}

/** The numbers that stand side by side in a text, where each group is one of its own. */
function severalNumbers(text: string, language: Language): Suggestion[] {
  const marks = glyphs(text)
  return groupsOf(marks).flatMap(({ from, to }) => {
    const group = marks.slice(from, to)
    const alone = exactBases(language, group, 0).some(({ end }) => end === group.length)
    const own = text.slice(marks[from]?.at ?? 0, (marks[to - 1]?.at ?? 0) + 1)
    const reading = alone ? readClean(own, language) : null
    return reading ? [{ designation: reading.canonical, changed: 'one of the numbers in this text' }] : []
  })
}

/**
 * Numbers that may have been meant by a text that names none as it stands.
 * @returns at most five, likeliest first; none when nothing is near
 */
export function suggestionsFor(text: string, language: Language): Suggestion[] {
  const several = severalNumbers(text, language)
  if (several.length > 1) return several.slice(0, MOST)
  const readings = decode(text, language)
  const best = readings[0]?.confidence ?? 0
  const seen = new Set<string>()
  return readings
    .filter((r) => r.confidence >= best * LEAST_SHARE)
    .flatMap((r) => {
      const changed = changedWords(r)
      if (changed === '' || seen.has(r.canonical)) return []
      seen.add(r.canonical)
      return [{ designation: r.canonical, changed }]
    })
    .slice(0, MOST)
}
