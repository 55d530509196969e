import { glyphs, hardwareCalled } from '../catalogue'
import { decode } from './decode'
import { exactBases } from './exactBase'
import { isLost, readClean } from './readExact'
import { sizesIn } from './readSizes'
import type { DesignationContext, Reading } from './reading'
import { sealBySizes } from './seals'
import { groupsOf } from './stampWords'
import { kindOfUnlisted } from './unlistedKinds'

/** A number that may have been meant, and what was changed to come to it. Offered, never taken. */
export interface Suggestion {
  designation: string
  changed: string
}

const MAX = 5
/** Guesses less likely than this beside the best are no help. */
const MIN_SHARE = 0.02

function changedText({ repaired, tokens }: Reading): string {
  const repairs = repaired.map(({ read, taken }) => {
    if (read === '') return `${taken} added`
    return taken === '' ? `${read} left out` : `${read} read as ${taken}`
  })
  const unknown = tokens.filter((t) => !t.known).map((t) => `“${t.text.trim()}” not understood`)
  return [...repairs, ...unknown].join(', ')
}

/** The numbers that stand side by side in a text, where each group is one of its own. */
function severalNumbers(text: string, context: DesignationContext): Suggestion[] {
  const marks = glyphs(text)
  return groupsOf(marks).flatMap(({ from, to }) => {
    const group = marks.slice(from, to)
    const alone = exactBases(context, group, 0).some(({ end }) => end === group.length)
    const own = text.slice(marks[from]?.at ?? 0, (marks[to - 1]?.at ?? 0) + 1)
    const reading = alone ? readClean(own, context) : null
    return reading ? [{ designation: reading.canonical, changed: 'one of the numbers in this text' }] : []
  })
}

/** Sizes alone that no listed part has may be a seal's: seals are ordered by their sizes. */
function asSeal(text: string): Suggestion[] {
  const sizes = sizesIn(text)
  const seal = sizes && text.slice(sizes.to).trim() === '' ? sealBySizes(sizes) : null
  return seal ? [{ designation: `seal ${seal.base}`, changed: 'a rotary shaft seal of these sizes' }] : []
}

/** Hardware of which the words leave open which is meant: a ring for a shaft or a bore, a tab or a D washer. */
function whichHardware(text: string, { catalogue }: DesignationContext): Suggestion[] {
  return hardwareCalled(catalogue, text)
    .slice(0, MAX)
    .map(({ part: { base, hardware } }) => ({
      designation: base,
      changed:
        hardware?.what === 'snapRing'
          ? `the ring for a ${hardware.kind.split(' ')[0]}`
          : 'goes by these words',
    }))
}

/** Whether a reading leaves and changes more marks than the number it finds has: it is no help then. */
function guessesMost({ tokens, basePlace, repaired }: Reading): boolean {
  const left = tokens.reduce((sum, { known, text }) => sum + (known ? 0 : glyphs(text).length), 0)
  const changed = repaired.filter(({ read }) => !isLost(read)).length
  return left + changed > basePlace.to - basePlace.from
}

/**
 * Numbers that may have been meant by a text that names none as it stands.
 * @returns at most five, likeliest first; none when nothing is near
 */
export function suggestionsFor(text: string, context: DesignationContext): Suggestion[] {
  const [several, exact] = [severalNumbers(text, context), [...asSeal(text), ...whichHardware(text, context)]]
  if (exact.length > 0) return exact
  if (several.length > 1) return several.slice(0, MAX)
  // Near in letters to a number of another kind is no help.
  if (kindOfUnlisted(text, context.catalogue) !== null) return []
  const readings = decode(text, context)
  const best = readings[0]?.confidence ?? 0
  const seen = new Set<string>()
  const changed = readings
    .filter((r) => r.confidence >= best * MIN_SHARE && !guessesMost(r))
    .flatMap((r) => {
      const change = changedText(r)
      if (change === '' || seen.has(r.canonical)) return []
      seen.add(r.canonical)
      return [{ designation: r.canonical, changed: change }]
    })
    .slice(0, MAX)
  // A number that is whole beside words that do not go with it: `circlip 6205`.
  return changed.length > 0 ? changed : several.map((one) => ({ ...one, changed: 'the words left out' }))
}
