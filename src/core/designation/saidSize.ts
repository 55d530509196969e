import type { Part } from '../catalogue'
import { lengthInMm, MM_PER_INCH } from '../quantity'
import { boreWithUnit, SAME_MM, type SpecialBore } from './specialBore'

/** A length with its unit: `16MM`, `5/8 IN`, `0.625"`. */
const WITH_UNIT =
  /^(?:(?:\d[ .-])?\d{1,2}\/\d{1,2}|\d{1,3}(?:[.,]\d{1,4})?|[.,]\d{1,4}) ?(?:MM|IN(?:CH)?|")(?![A-Z\d])/
/** Three sizes, in millimetres or inches: `25x52x15`, `0.75x1.625x0.5`. */
const THREE_SIZES = /^\d{1,3}(?:[.,]\d{1,3})?(?: ?[X×] ?\d{1,3}(?:[.,]\d{1,3})?){2}(?: ?MM)?(?![A-Z\d])/

/** Whether a size was said of this length, as coarse as it is written: 19 mm of 19.05. */
function isSaid(text: string, size: number | undefined): boolean {
  const mm = lengthInMm(text)
  if (mm === null || size === undefined) return false
  const isInch = /["N]/.test(text)
  // A fraction and a whole number of inches are exact.
  const decimals = /[.,](\d+)/.exec(text)?.[1]?.length ?? (isInch ? Infinity : 0)
  const step = 10 ** -decimals * (isInch ? MM_PER_INCH : 1)
  return Math.abs(size - mm) <= Math.max(SAME_MM, step / 2)
}

/** A size that stands beside a number. */
export interface SaidSize {
  /** characters of the text it takes up */
  length: number
  /** a bore of its own; null for a size that the part has */
  bore: SpecialBore | null
}

/**
 * A size with its unit at the front of a text: a bore of its own, `6203-16MM`, or once more one that the part has,
 * `UC205 25MM`; and its three sizes.
 *
 * @param text in capitals
 * @param mayBeBored a bore of its own may stand here
 * @returns null where no such size stands; `contradicts` for one that the part has not
 */
export function saidSize(text: string, part: Part, mayBeBored: boolean): SaidSize | 'contradicts' | null {
  const { bore, ...others } = part.dimensions
  const isOwn = (size: string) => [bore, ...Object.values(others)].some((own) => isSaid(size, own))
  const [three] = THREE_SIZES.exec(text) ?? []
  if (three !== undefined) {
    const sizes = three.replace(/ ?MM$/, '').split(/ ?[X×] ?/)
    return sizes.every(isOwn) || sizes.every((size) => isOwn(`${size} IN`))
      ? { length: three.length, bore: null }
      : 'contradicts'
  }
  const [length] = WITH_UNIT.exec(text) ?? []
  if (length === undefined) return null
  const mm = lengthInMm(length)
  if (mm === null) return 'contradicts'
  const said = { length: length.length, bore: null }
  if (isSaid(length, bore)) return said
  const special = mayBeBored ? boreWithUnit(part, mm, length) : null
  if (special) return { ...said, bore: special }
  return isOwn(length) ? said : 'contradicts'
}
