import type { Catalogue, Part } from '../catalogue'
import { guessUnits, readLength, toMm, type SizeRole } from '../quantity'

/** Sizes given as text name a part when each agrees to this, millimetres: catalogue figures are to the micrometre. */
const SAME_SIZE_MM = 0.03
/** Naming by sizes is a little less sure than a number: several parts may share them. */
const BY_SIZE = 0.5
/** A closed width matches only the shielded or sealed type. */
const CLOSED_ONLY = 0.2

const ROLES: readonly SizeRole[] = ['bore', 'outside', 'width']

/** `17x26x5`, `17*26*5`, `Ø17 x Ø26 x 5`, `17 by 26 by 5`, with fractions and one unit behind. */
const SEPARATED =
  /^\s*[ø⌀]?\s*([\d.,/ -]+?)\s*(?:[x×*]|by)\s*[ø⌀]?\s*([\d.,/ -]+?)\s*(?:[x×*]|by)\s*(\d+[ .-]\d+\/(?:2|4|8|16|32|64)(?!\d)|\d+\/\d+|[\d.,]+)(?:\s*(mm|in|inch|"))?/i
const FIGURE = String.raw`(\d+(?:[.,]\d+)?|[.,]\d+)`
/** `17 26 5`, `17-26-5` or `17/26/5`: three figures, and nothing or words behind. */
const SPACED = new RegExp(
  String.raw`^\s*[ø⌀]?${FIGURE}(\s+|-|/)[ø⌀]?${FIGURE}\2${FIGURE}(?:\s*(mm|in|inch|"))?\s*(?:$|(?<=\s)(?=\d?[a-z]))`,
  'i',
)

const same = (a: number | undefined, b: number): boolean => a !== undefined && Math.abs(a - b) <= SAME_SIZE_MM

function cost(part: Part, [bore, outside, width]: readonly number[]): number | null {
  const d = part.dimensions
  if (bore === undefined || outside === undefined || width === undefined) return null
  if (!same(d.bore, bore) || !same(d.outside, outside)) return null
  const flange = d.flangeOutside === undefined ? 0 : FLANGED
  if (same(d.width, width) || same(d.totalWidth, width)) return BY_SIZE + flange
  return same(d.closedWidth, width) ? BY_SIZE + CLOSED_ONLY + flange : null
}

/** Somebody who names a flanged part by its sizes says so. */
const FLANGED = 3

/** Bore, outside and width as a text gives them. */
export interface SizesInText {
  mm: readonly [number, number, number]
  /** all three were given in inches */
  inch: boolean
  /** where they end in the text */
  to: number
}

/** Two sizes alone, of which the width is not said: `1.719 x 2.565`. */
const TWO = /^\s*[ø⌀]?\s*([\d.,/ -]+?)\s*(?:[x×*]|by)\s*[ø⌀]?\s*([\d.,/ -]+?)(?:\s*(mm|in|inch|"))?\s*$/i

/** Shaft and bore of a text that gives these two and nothing else, mm; null when it does not. */
export function twoSizesIn(text: string): readonly [number, number] | null {
  const [, first = '', second = '', unit = ''] = TWO.exec(text) ?? []
  const typed = [first, second].flatMap((t) => {
    const read = readLength(t + unit)
    return read.ok ? [read.value] : []
  })
  if (typed.length !== 2) return null
  const inOrder = typed.sort((a, b) => a.value - b.value)
  const units = guessUnits(inOrder.map((t, i) => ({ role: ROLES[i] ?? 'width', typed: t })))
  const [bore = 0, outside = 0] = inOrder.map((t, i) => toMm(t.value, units[i]?.unit ?? 'mm'))
  return [bore, outside]
}

/** Bore, outside and width of a text that gives sizes; null when it gives none. */
export function sizesIn(text: string): SizesInText | null {
  const separated = SEPARATED.exec(text)
  const match = separated ?? SPACED.exec(text)
  if (!match) return null
  const [length, first = '', ...others] = match
  const [second = '', third = '', unit = ''] = separated ? others : others.slice(1)
  const reads = [first, second, third].map((t) => readLength(t + unit))
  const typed = reads.flatMap((read) => (read.ok ? [read.value] : []))
  if (typed.length !== 3) return null
  const inOrder = [...typed.slice(0, 2).sort((a, b) => a.value - b.value), ...typed.slice(2)]
  const units = guessUnits(inOrder.map((t, i) => ({ role: ROLES[i] ?? 'width', typed: t })))
  const [bore = 0, outside = 0, width = 0] = inOrder.map((t, i) => toMm(t.value, units[i]?.unit ?? 'mm'))
  return { mm: [bore, outside, width], inch: units.every(({ unit }) => unit === 'in'), to: length.length }
}

/**
 * Reads `17x26x5`, `1 x 2 x 9/16`, `25×52×15`, `25 52 15`: bore, outside and width of a part named by its sizes, in any
 * order of the two diameters and in either unit.
 *
 * @returns the parts of exactly these sizes and where the sizes end in the text; null when the text gives no three sizes
 */
export function readSizes(
  text: string,
  catalogue: Catalogue,
): (SizesInText & { parts: { part: Part; cost: number }[] }) | null {
  const sizes = sizesIn(text)
  if (!sizes) return null
  const parts = catalogue.parts.flatMap((part) => {
    const c = cost(part, sizes.mm)
    return c === null ? [] : [{ part, cost: c }]
  })
  return { parts, ...sizes }
}
