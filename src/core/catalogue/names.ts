import type { Part } from './part'

/** One name a part goes by. */
export interface PartName {
  text: string
  /** a prefix or suffix token that this spelling already contains, such as the flange in MF126 */
  implies?: string
}

const THIN_SERIES: Record<string, string> = { '67': '617', '68': '618', '69': '619' }

/** `6804` is also written `61804`, `688` also `618/8`. */
function longSpelling(part: Part): PartName[] {
  const long = THIN_SERIES[part.series]
  if (part.family !== 'deep-groove' || !long) return []
  const rest = part.base.slice(2)
  return [{ text: rest.length === 1 ? `${long}/${rest}` : long + rest }]
}

/** `MR126` is also written by its sizes run together the other way round in flanged form: `MF126`. */
const flangedSpelling = (part: Part): PartName[] =>
  part.family === 'miniature' && part.base.startsWith('MR')
    ? [{ text: `MF${part.base.slice(2)}`, implies: 'F' }]
    : []

/** `6701` is also sold as `MR1812`: outside and bore, whole millimetres. */
function sizeSpelling(part: Part): PartName[] {
  const { bore, outside } = part.dimensions
  const thin = part.family === 'deep-groove' && part.series === '67'
  return thin && bore !== undefined && outside !== undefined ? [{ text: `MR${outside}${bore}` }] : []
}

/** Double row angular contact bearings 32 and 33 are 52 and 53 in another convention. */
const otherConvention = (part: Part): PartName[] =>
  part.family === 'angular-contact-double-row' ? [{ text: `5${part.base.slice(1)}` }] : []

/** The X of the 320 series is often not stamped. */
const withoutX = (part: Part): PartName[] =>
  part.family === 'tapered-metric' && part.base.endsWith('X') ? [{ text: part.base.slice(0, -1) }] : []

/** Every way the number of a part is written, its own base first. */
export const namesOf = (part: Part): PartName[] => [
  { text: part.base },
  ...longSpelling(part),
  ...flangedSpelling(part),
  ...sizeSpelling(part),
  ...otherConvention(part),
  ...withoutX(part),
]
