import { findPart, roundMicrometre, type Catalogue, type Part } from '../catalogue'
import { MM_PER_INCH, writeInch } from '../quantity'
import { computedPart } from './series/computedPart'

/** A bore written behind the number of a metric bearing. */
export interface SpecialBore {
  mm: number
  /** characters of the text it takes up */
  length: number
  text: string
  meaning: string
}

/** A special bore lies within this of the usual one: no thinner inner ring is made (estimate, common practice). */
const MIN_SHARE = 0.65
const WALL_SHARE = 0.3
/** Bores are the same up to this, mm. */
export const SAME_MM = 0.02

/** Whether a bore can be in this part and is not its own. */
function goesInto({ dimensions: { bore, outside } }: Part, mm: number): boolean {
  if (bore === undefined || outside === undefined) return false
  return mm >= bore * MIN_SHARE && mm <= bore + (outside - bore) * WALL_SHARE && Math.abs(mm - bore) > SAME_MM
}

const inches = (mm: number): string => `inch bore ${writeInch(mm)} in in a metric outside`

/**
 * A bore that is written with its unit, `16MM`, `5/8 IN`.
 * @param text as it is written
 * @returns null when no such bore can be in this part
 */
export function boreWithUnit(part: Part, mm: number, text: string): SpecialBore | null {
  if (!goesInto(part, mm)) return null
  return { mm, length: text.length, text, meaning: text.endsWith('MM') ? `bore ${mm} mm` : inches(mm) }
}

/** How a whole number behind a bearing's is written, and what is listed. */
interface Written {
  /** `/16`, as bores in millimetres are written, not `-16` */
  behindSlash: boolean
  catalogue: Catalogue
}

function ofWhole(
  part: Part,
  count: number,
  { behindSlash, catalogue }: Written,
): { mm: number; meaning: string } | null {
  const inch = roundMicrometre((count / 16) * MM_PER_INCH)
  const [isInch, isMm] = [goesInto(part, inch), goesInto(part, count)]
  const asInch = { mm: inch, meaning: inches(inch) }
  if (!isMm) return isInch ? asInch : null
  const asMm = (why: string) => ({ mm: count, meaning: `bore ${count} mm: ${why}. Measure the bore` })
  if (!isInch) return asMm(`${writeInch(inch)} in cannot be in this outside`)
  // Either may be meant: what is listed, else what its mark says, else a bore of its own is hardly ever far from the usual one.
  const own = part.dimensions.bore ?? inch
  const isNearer = Math.abs(Math.log(inch / own)) <= Math.abs(Math.log(count / own))
  if (findPart(catalogue, boreName(part, inch), 'complete') || (!behindSlash && isNearer))
    return { mm: inch, meaning: `${inches(inch)}; ${count} mm can be in it too. Measure the bore` }
  return asMm(
    isNearer ? `${writeInch(inch)} in can be in it too` : `${writeInch(inch)} in is far from the usual bore`,
  )
}

/**
 * Reads a bore at the front of `text`: `5/8`, `1 1/4`, `15.875`, or a whole number of sixteenths of an inch. A whole
 * number that cannot be an inch bore, is written as millimetres are, or is nearer to the usual one as millimetres, is
 * millimetres. Where it may be either, the meaning says so.
 *
 * @param part the metric bearing, with bore and outside
 * @returns null when no such bore can be in this part
 */
export function readSpecialBore(text: string, part: Part, written: Written): SpecialBore | null {
  const mixed = /^(?:(\d)[ .-])?(\d{1,2})\/(\d{1,2})(?![\d/])/.exec(text)
  if (mixed) {
    const [whole, top, bottom] = [Number(mixed[1] ?? 0), Number(mixed[2]), Number(mixed[3])]
    const mm = roundMicrometre((whole + top / bottom) * MM_PER_INCH)
    return bottom > 0 && goesInto(part, mm)
      ? { mm, length: mixed[0].length, text: mixed[0], meaning: inches(mm) }
      : null
  }
  const decimal = /^\d{0,2}[.,]\d{1,4}(?!\d)/.exec(text)
  if (decimal) {
    const value = Number(decimal[0].replace(',', '.'))
    const mm = value < 4 ? roundMicrometre(value * MM_PER_INCH) : value
    return goesInto(part, mm)
      ? { mm, length: decimal[0].length, text: decimal[0], meaning: value < 4 ? inches(mm) : `bore ${mm} mm` }
      : null
  }
  const whole = /^\d{1,2}(?![\dA-Z/.,#])/.exec(text)
  const found = whole && ofWhole(part, Number(whole[0]), written)
  return whole && found ? { ...found, length: whole[0].length, text: whole[0] } : null
}

/** Series of metric outsides with a bore of their own. */
export const INCH_BORED = 'inch-bored'

/** What a metric bearing with another bore is called: `6203-5/8`. */
function boreName({ base }: Part, mm: number): string {
  const written = writeInch(mm)
  const inch = mm / MM_PER_INCH
  const isInch = Math.abs(inch * 32 - Math.round(inch * 32)) < 0.01
  const mark = isInch ? (written.includes('/') ? written : String(Math.round(inch * 16))) : `${mm}mm`
  return `${base}-${mark}`
}

/** The bearing with this bore: the listed one, else worked out from its metric twin. */
export function withBore(part: Part, mm: number, catalogue: Catalogue): Part {
  const base = boreName(part, mm)
  return (
    findPart(catalogue, base, 'complete') ??
    computedPart(base, part.family, INCH_BORED, { ...part.dimensions, bore: mm })
  )
}
