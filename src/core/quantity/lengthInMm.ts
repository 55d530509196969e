import { readLength } from './readLength'
import { toMm } from './units'

/**
 * A length as people type it, in millimetres: inches where they are said, and for a fraction.
 * @returns mm; null for what is no length
 * @example lengthInMm('1 3/8') // 34.925
 */
export function lengthInMm(text: string): number | null {
  const read = readLength(text)
  if (!read.ok) return null
  const { value, stated, form } = read.value
  return toMm(value, stated ?? (form === 'fraction' ? 'in' : 'mm'))
}
