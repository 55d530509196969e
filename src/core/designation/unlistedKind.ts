import { findPart, type Catalogue } from '../catalogue'
import { writeMm } from '../quantity'

/** A kind of number that is known by its form, though no row or rule gives its sizes. */
export interface UnlistedKind {
  form: RegExp
  /** what it is, and what of its sizes follows from the number; nothing where the number of another part in it is not listed */
  says: (match: readonly string[], catalogue: Catalogue) => string | null
}

/** Bore of a two-digit code from 04 on, mm (ISO 15). */
export const boreOf = (code: string): number => Number(code) * 5

export const outsideOf = (catalogue: Catalogue, base: string): string | null => {
  const outside = findPart(catalogue, base, 'complete')?.dimensions.outside
  return outside === undefined ? null : writeMm(outside)
}
