import { numberKey, type Catalogue } from '../catalogue'
import { UNLISTED_BEARINGS } from './unlistedBearings'
import { UNLISTED_UNITS } from './unlistedUnits'

const KINDS = [...UNLISTED_BEARINGS, ...UNLISTED_UNITS]

/**
 * What a number that is not listed is, as far as its form tells: nothing here is a part, and nothing is ordered by it.
 * @returns one or two sentences for people; null where the form is none of those known
 * @example kindOfUnlisted('T7FC080', catalogue) // It reads as a tapered roller bearing named by ISO 355: bore 80 mm, angle series 7. Measure outside and widths.
 */
export function kindOfUnlisted(text: string, catalogue: Catalogue): string | null {
  // The dash of an alternator bearing parts its bore from the rest; every other gap is a habit.
  const written = text.trim().toUpperCase().replaceAll(' ', '')
  const key = numberKey(text)
  for (const { form, says } of KINDS) {
    const match = form.exec(written) ?? form.exec(key)
    const said = match && says(match, catalogue)
    if (said) return said
  }
  return null
}
