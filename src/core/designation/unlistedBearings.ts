import { findPart } from '../catalogue'
import { writeMm } from '../quantity'
import { boreOf, outsideOf, type UnlistedKind } from './unlistedKind'

/** Common practice of numbering, from memory, where no standard is named. */
export const UNLISTED_BEARINGS: readonly UnlistedKind[] = [
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
  {
    // 87 one contact seal, 88 two; the figure 5 is the series 62.
    form: /^(?:WC)?(87|88)5(0\d|1\d|2[0-2])[A-Z]*$/,
    says: ([, seals = '', code = ''], catalogue) => {
      const { bore, outside } = findPart(catalogue, `62${code}`, 'complete')?.dimensions ?? {}
      return bore === undefined || outside === undefined
        ? null
        : `It reads as a wide ball bearing with ${seals === '88' ? 'two contact seals' : 'one contact seal'}, ${writeMm(bore)} × ${writeMm(outside)} mm as a 62${code}. It is wider than that: measure both rings.`
    },
  },
  {
    form: /^1726([23]\d\d)(?:-?2RS1?)?[A-Z]*$/,
    says: ([, size = ''], catalogue) => {
      const { bore, outside, width } = findPart(catalogue, `6${size}`, 'complete')?.dimensions ?? {}
      return bore === undefined || outside === undefined || width === undefined
        ? null
        : `It reads as a sealed ball bearing in the sizes of 6${size}, ${writeMm(bore)} × ${writeMm(outside)} × ${writeMm(width)} mm, round outside like an insert: 6${size} does not stand in for it where the housing is round.`
    },
  },
  {
    form: /^RALE(\d\d)(?:N?PPB?)?$/,
    says: ([, bore = ''], catalogue) => {
      const outside = outsideOf(catalogue, `60${String(Number(bore) / 5).padStart(2, '0')}`)
      return outside === null
        ? null
        : `It reads as a light insert bearing with eccentric collar, ${bore} × ${outside} mm: its outside is that of the series 60, smaller than of the usual inserts. Measure its widths.`
    },
  },
  {
    form: /^YAT2(\d\d)(?:-\d+)?[A-Z]*$/,
    says: ([, code = ''], catalogue) => {
      const outside = outsideOf(catalogue, `62${code}`)
      return outside === null
        ? null
        : `It reads as an insert bearing with set screws, outside ${outside} mm as UC2${code}, its inner ring shorter: measure it.`
    },
  },
  {
    // Full of rollers, two rows, with grooves for two snap rings: for rope sheaves.
    form: /^(?:SL04|NNF)50(\d\d)(?:PP|ADA)?[A-Z\d-]*$/,
    says: ([, code = ''], catalogue) => {
      const outside = outsideOf(catalogue, `60${code}`)
      return outside === null
        ? null
        : `It reads as a roller bearing for rope sheaves, two rows full of rollers: bore ${boreOf(code)} mm, outside ${outside} mm as a 60${code}. Measure both widths and its grooves.`
    },
  },
  {
    form: /^SL0([12])4([89])(\d\d)[A-Z\d-]*$/,
    says: ([, kind, series = '', code = ''], catalogue) => {
      const outside = outsideOf(catalogue, `6${series}${code}`)
      return outside === null
        ? null
        : `It reads as a cylindrical roller bearing of two rows full of rollers, ${kind === '1' ? 'locating both ways' : 'free to slide'}: bore ${boreOf(code)} mm, outside ${outside} mm as a 6${series}${code}. Measure its width.`
    },
  },
  {
    form: /^NKIB(59\d\d)$/,
    says: ([, size = ''], catalogue) => {
      const { bore, outside } = findPart(catalogue, `NKIA${size}`, 'complete')?.dimensions ?? {}
      return bore === undefined || outside === undefined
        ? null
        : `It reads as a needle bearing with balls beside it, ${writeMm(bore)} × ${writeMm(outside)} mm as NKIA${size}. It locates both ways, NKIA${size} one way only.`
    },
  },
  {
    form: /^LR60(\d\d)(?:-?2RSR?|NPPU|KDDU)?$/,
    says: ([, code = ''], catalogue) => {
      const bore = findPart(catalogue, `60${code}`, 'complete')?.dimensions.bore
      return bore === undefined
        ? null
        : `It reads as a track roller: bore ${writeMm(bore)} mm as a 60${code}, its outer ring thicker and mostly crowned. Measure its outside: 60${code} does not stand in for it.`
    },
  },
  {
    form: /^GAC(\d{2,3})[A-Z]{0,2}$/,
    says: ([, bore = ''], catalogue) => {
      const base = `320${String(Number(bore) / 5).padStart(2, '0')}X`
      const { outside, totalWidth } = findPart(catalogue, base, 'complete')?.dimensions ?? {}
      return outside === undefined || totalWidth === undefined
        ? null
        : `It reads as an angular contact spherical plain bearing, ${bore} × ${writeMm(outside)} × ${writeMm(totalWidth)} mm in the sizes of ${base}. It swivels and slides, it does not roll.`
    },
  },
]
