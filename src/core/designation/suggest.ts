import { glyphs, hardwareCalled } from '../catalogue'
import { writeMm } from '../quantity'
import { decode } from './decode'
import { exactBases } from './exactBase'
import { isLost, readClean } from './readExact'
import { sizesIn, twoSizesIn } from './readSizes'
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
/** Diameters given as text are those of a part when they agree to this. */
const SAME_MM = 0.03
const isSame = (mm: number | undefined, said: number): boolean =>
  mm !== undefined && Math.abs(mm - said) <= SAME_MM
/** Guesses less likely than this beside the best are no help. */
const MIN_SHARE = 0.02

function changedText({ repaired, tokens, style }: Reading): string {
  if (style !== undefined) return `${repaired[0]?.read} ${style}`
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

/** Letters of a seal's type in front of its sizes, at most so many marks: `HMS5 35x52x7`. */
const TYPE_OF_SEAL = /^\s*[a-z][a-z\d-]{0,6}\s+(?=[\dø⌀])/i

/**
 * Sizes that no listed part has may be a seal's, with or without a type that is not known: seals are ordered by their sizes.
 * Two sizes alone are those of several parts.
 */
function bySizes(text: string, { catalogue }: DesignationContext): Suggestion[] {
  const type = TYPE_OF_SEAL.exec(text)?.[0] ?? ''
  const own = text.slice(type.length)
  const sizes = sizesIn(own)
  const rest = [type, sizes ? own.slice(sizes.to) : ''].map((t) => t.trim()).filter(Boolean)
  const seal = sizes && (type !== '' || rest.length === 0) ? sealBySizes(sizes) : null
  if (seal)
    return [
      {
        designation: `seal ${seal.base}`,
        changed:
          rest.length === 0
            ? 'a rotary shaft seal of these sizes'
            : `a rotary shaft seal of these sizes, ${rest.map((t) => `“${t}”`).join(' and ')} not understood`,
      },
    ]
  const pair = twoSizesIn(own)
  if (!pair) return []
  return catalogue.parts
    .filter(
      ({ piece, dimensions: { bore, outside } }) =>
        (piece === 'seal' || piece === 'complete') && isSame(bore, pair[0]) && isSame(outside, pair[1]),
    )
    .sort((a, b) => b.commonness - a.commonness)
    .slice(0, MAX)
    .map(({ base, piece, dimensions: { width, totalWidth } }) => ({
      designation: piece === 'seal' ? `seal ${base}` : base,
      changed: `has these two sizes, ${writeMm(width ?? totalWidth ?? 0)} mm wide`,
    }))
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

/** Numbers written with gaps between their figures, `HK 16 12`. */
function joined(text: string, context: DesignationContext): Suggestion[] {
  const together = text.replace(/(?<=\d)\s+(?=\d)/g, '')
  const reading = together === text ? null : readClean(together, context)
  return reading ? [{ designation: reading.canonical, changed: 'figures written together' }] : []
}

/** Figures of a tapered cone, or of a set, without the letters of its series: `67048/10`. */
const FIGURES_OF_CONE = /^\s*(\d{4,6}[A-Z]?)(\s*[/-]\s*\d{2,6})?\s*$/i

function lettersLeftOut(text: string, context: DesignationContext): Suggestion[] {
  const [, figures, cup = ''] = FIGURES_OF_CONE.exec(text.toUpperCase()) ?? []
  if (figures === undefined) return []
  return context.catalogue.parts.flatMap(({ base, piece }) => {
    const letters = base.slice(0, -figures.length)
    if (piece !== 'cone' || letters + figures !== base || !/^[A-Z]+$/.test(letters)) return []
    const reading = readClean(base + cup, context)
    return reading ? [{ designation: reading.canonical, changed: `${letters} added` }] : []
  })
}

/** Sizes of a cycle bearing run together, without the letters in front: `15268-2RS`. */
function sizesTogether(text: string, context: DesignationContext): Suggestion[] {
  const reading = /^\s*\d{5,6}(?!\d)/.test(text) ? readClean(`MR${text.trim()}`, context) : null
  if (!reading) return []
  const { bore = 0, outside = 0, width = 0 } = reading.dimensions
  const sizes = [bore, outside, width].map(writeMm).join(' × ')
  return [{ designation: reading.canonical, changed: `sizes run together, ${sizes}` }]
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
  const [several, exact] = [
    severalNumbers(text, context),
    [...bySizes(text, context), ...whichHardware(text, context)],
  ]
  if (exact.length > 0) return exact
  const sure = [...joined(text, context), ...lettersLeftOut(text, context)]
  if (sure.length > 0) return sure.slice(0, MAX)
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
  const offered = [...sizesTogether(text, context), ...changed].slice(0, MAX)
  // A number that is whole beside words that do not go with it: `circlip 6205`.
  return offered.length > 0 ? offered : several.map((one) => ({ ...one, changed: 'the words left out' }))
}
