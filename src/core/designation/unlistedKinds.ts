import { findPart, numberKey, type Catalogue } from '../catalogue'
import { writeMm } from '../quantity'

/** A kind of number that is known by its form, though no row or rule gives its sizes. */
interface Kind {
  form: RegExp
  /** what it is, and what of its sizes follows from the number; nothing where the number of another part in it is not listed */
  says: (match: readonly string[], catalogue: Catalogue) => string | null
}

/** Bore of a two-digit code from 04 on, mm (ISO 15). */
const boreOf = (code: string): number => Number(code) * 5

const outsideOf = (catalogue: Catalogue, base: string): string | null => {
  const outside = findPart(catalogue, base, 'complete')?.dimensions.outside
  return outside === undefined ? null : writeMm(outside)
}

/** Common practice of numbering, from memory, where no standard is named. */
const KINDS: readonly Kind[] = [
  {
    // The leading 6 left out, seals or shields by letters, and a bore no rule tells: 204KRR, 205KRR2, W208PPB6, DC208TTR8.
    form: /^(?:GW|GC|DC|DS|DF|W|G)?(2\d\d)K?(?:RR|PP|TT|RY|RV)[A-Z]*\d*$/,
    says: ([, size = ''], catalogue) => {
      const outside = outsideOf(catalogue, `6${size}`)
      return outside === null
        ? null
        : `It reads as a bearing of farm machines: outside ${outside} mm as a 6${size}, its inner ring often wider than the outer. Its bore may be round, square or hexagon, and no rule tells it: measure it, across the flats, and both widths.`
    },
  },
  {
    form: /^53([234])(\d\d)(U?)$/,
    says: ([, series, code, washer], catalogue) => {
      const outside = outsideOf(catalogue, `51${series}${code}`)
      return outside === null
        ? null
        : `It reads as a thrust ball bearing with a sphered housing washer${washer ? ' and its seat washer' : ''}: bore and outside as 51${series}${code}, its height is another. Measure the height over all its washers.`
    },
  },
  {
    form: /^A(?:H|HX|OH|OHX)(2|3|22|23|30|31|32|39|240|241)(\d\d)[A-Z]?$/,
    says: ([, , code = '']) =>
      Number(code) < 4
        ? null
        : `It reads as a withdrawal sleeve, for a bearing with tapered bore of ${boreOf(code)} mm. Its shaft is smaller by its wall: measure the bore, and the thread of its nut.`,
  },
  {
    form: /^HJ(10|2|3|4|22|23)(\d\d)(E?C?)$/,
    says: ([, series = '', code = '', design = '']) =>
      `It reads as the loose ring (angle ring) beside a cylindrical roller bearing NU${series}${code}${design} or NJ${series}${code}${design}: ordered with the bearing, it is none itself.`,
  },
  {
    form: /^RN(U?)((?:10|2|3|4|22|23)\d\d)(E?)C?[A-Z]*$/,
    says: ([, inner, size = '', design = ''], catalogue) => {
      const base = `N${inner ?? ''}${size}`
      if (findPart(catalogue, base, 'complete') === undefined) return null
      return inner
        ? `It reads as ${base}${design} without its inner ring: outside and width of that, and rollers that run on the shaft. No rule tells the circle under them: measure it on the shaft.`
        : `It reads as ${base}${design} without its outer ring: bore and width of that, and rollers that run in the housing. No rule tells the circle over them: measure it in the housing.`
    },
  },
  {
    form: /^C((?:22|23|30|31|32|39|40|41)\d\d)K?(?:[A-Z].*)?$/,
    says: ([, size = ''], catalogue) => {
      const base = `2${size}`
      const { bore, outside, width } = findPart(catalogue, base, 'complete')?.dimensions ?? {}
      return bore === undefined || outside === undefined || width === undefined
        ? null
        : `It reads as a toroidal roller bearing in the sizes of ${base}: ${writeMm(bore)} × ${writeMm(outside)} × ${writeMm(width)}. It lets its shaft slide and tilt and locates nothing: ${base} does not stand in for it where the shaft has to slide.`
    },
  },
  {
    form: /^KM(?:T|TA|K|FE)(\d{1,2})[A-Z]?$/,
    says: ([, size = ''], catalogue) => {
      const nut = findPart(catalogue, `KM${Number(size)}`)
      return nut?.hardware?.what === 'lockNut'
        ? `It reads as a lock nut that holds by screws or pins of its own, without a washer; its thread is that of ${nut.base}, ${nut.hardware.thread}.`
        : null
    },
  },
  {
    form: /^(K|WS|GS)(81[12]\d\d)(?:TN|TV|M)?$/,
    says: ([, part = '', base = ''], catalogue) =>
      findPart(catalogue, base, 'complete') === undefined
        ? null
        : `It reads as the ${part === 'WS' ? 'shaft washer' : part === 'GS' ? 'housing washer' : 'rollers in their cage, without washers,'} of ${base}: ${base} is the whole of it.`,
  },
  {
    form: /^T([2-7])([A-G])([B-E])(\d{3})$/,
    says: ([, angle = '', , , bore = '']) =>
      `It reads as a tapered roller bearing named by ISO 355: bore ${Number(bore)} mm, angle series ${angle}. Measure outside and widths.`,
  },
  {
    form: /^B(8|10|12|15|17|20|25|30)-\d{1,3}[A-Z]{0,2}$/,
    says: ([, bore]) =>
      `It reads as a bearing of an alternator or starter: the figure behind B is its bore, ${bore} mm. No rule tells outside and width: measure them.`,
  },
  {
    form: /^AXW(\d\d)$/,
    says: ([, bore]) =>
      `It reads as a thrust needle cage with a washer that centres it, for a shaft of ${bore} mm, to stand beside a needle bearing of that shaft.`,
  },
]

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
