/** A number in a style of its own, turned into the standard one. */
export interface OldStyle {
  /** standard number */
  base: string
  /** suffixes that say the same as the old digits or letters */
  suffixes: readonly string[]
  /** which style it is, for people */
  style: string
  length: number
}

/** Diameter series of the old styles as the standard two digits. */
const SERIES: Record<string, string> = { '1': '60', '2': '62', '3': '63', '4': '64' }
/** … and those of the wide series, which are made with seals. */
const WIDE: Record<string, string> = { '5': '622', '6': '623' }

/** Old eastern style: the design stands before the series; 60 one shield, 80 two, 50 groove, 16 and 18 seals (common practice). */
const EASTERN: Record<string, readonly string[]> = {
  '50': ['N'],
  '60': ['Z'],
  '80': ['ZZ'],
  '150': ['Z', 'N'],
  '160': ['RS'],
  '180': ['2RS'],
}
/** Diameter series of the old short styles by the figures before the bore: the leading 6 is left out, 9 stands before the light ones. */
const SHORT_SERIES: Record<string, string> = { ...SERIES, '91': '60', '93': '69', '19': '69' }
/**
 * What the letters of the old short styles say (common practice): K and S are the plain ball bearing. Behind K, or nothing, D is a
 * shield, P a seal and L one that does not touch; behind S, F is a shield, Z a seal and G the snap ring. Higher figures before an
 * S are inch cones.
 */
const SHORT: Record<string, readonly string[]> = {
  KD: ['Z'],
  KDD: ['ZZ'],
  KP: ['RS'],
  KPP: ['2RS'],
  PP: ['2RS'],
  KL: ['RZ'],
  KLL: ['2RZ'],
  S: [],
  SF: ['Z'],
  SFF: ['ZZ'],
  SZ: ['RS'],
  SZZ: ['2RS'],
  SS: ['2RS'],
}
/** A third style: 77 two shields, 99 two seals, a 4 before them the snap ring; 5 and 6 are the series 62 and 63, L is 60 (common practice). */
const DOUBLED: Record<string, string> = { '77': 'ZZ', '99': '2RS' }
const DOUBLED_SERIES: Record<string, string> = { L: '60', '5': '62', '6': '63' }

function eastern(key: string): OldStyle | null {
  const match = /^(?:(150|160|180|50|60|80)([1-4])|(160|180)([56]))(\d\d)(?!\d)/.exec(key)
  const [, usual, narrow = '', sealed, wide = '', bore = ''] = match ?? []
  const series = SERIES[narrow] ?? WIDE[wide]
  const suffixes = EASTERN[usual ?? sealed ?? '']
  if (!match || !series || !suffixes) return null
  const style = 'old eastern style'
  return { base: `${series}${bore}`, suffixes, style, length: match[0].length }
}

/** Small eastern numbers end in the bore in millimetres: `80018` is 608 with two shields. */
function smallEastern(key: string): OldStyle | null {
  const match = /^(60|80|160|180)0([12])([3-9])(?!\d)/.exec(key)
  const series = SERIES[match?.[2] ?? '']
  const suffixes = EASTERN[match?.[1] ?? '']
  if (!match || !series || !suffixes) return null
  return { base: `${series}${match[3]}`, suffixes, style: 'old eastern style', length: match[0].length }
}

function short(key: string): OldStyle | null {
  const match =
    /^([1-4]|9[13])(\d\d)(KDD|KD|KPP|KP|KLL|KL|PP|SS)(G?)(?![A-Z0-9])/.exec(key) ??
    /^([23]|19|1(?=\d\dK))([01]\d|2[0-2])K?(SFF|SF|SZZ|SZ|S)(G?)(?![A-Z0-9])/.exec(key)
  if (!match) return null
  const [whole, figures = '', bore = '', letters = '', ring] = match
  const series = SHORT_SERIES[figures]
  const suffixes = SHORT[letters]
  if (!series || !suffixes) return null
  const ask = letters === 'SZZ' ? '; ZZ is seals in this style and shields in others: look' : ''
  return {
    base: `${series}${bore}`,
    suffixes: ring ? [...suffixes, 'NR'] : suffixes,
    style: `old short style${ask}`,
    length: whole.length,
  }
}

/** Closures said by doubled figures: `77503` is 6203 with two shields, `499502H` the implement bearing 99502H with its snap ring. */
function doubled(key: string): OldStyle | null {
  const style = 'old style with doubled figures'
  if (/^499502H(?![A-Z0-9])/.test(key)) return { base: '99502H', suffixes: ['NR'], style, length: 7 }
  const match = /^(4)?(77|99(?![56]00))([56L])([01]\d|2[0-2])(?![A-Z0-9])/.exec(key)
  const [whole = '', ring, closure = '', figure = '', bore = ''] = match ?? []
  const [series, suffix] = [DOUBLED_SERIES[figure], DOUBLED[closure]]
  if (!series || !suffix) return null
  return { base: `${series}${bore}`, suffixes: ring ? [suffix, 'NR'] : [suffix], style, length: whole.length }
}

/** Ball bearings filled through a notch are numbered apart in two conventions: `BL205` is a 6205 with more balls (common practice). */
function filledThroughNotch(key: string): OldStyle | null {
  const match = /^BL([23])(\d\d)(?!\d)/.exec(key)
  const series = SERIES[match?.[1] ?? '']
  return match && series
    ? {
        base: `${series}${match[2]}`,
        suffixes: ['MAX'],
        style: 'BL in two conventions',
        length: match[0].length,
      }
    : null
}

/** Sealed spherical roller bearings are wider than open ones, and numbered apart in one style: `BS2-2208-2CS` (common practice). */
function sealedSpherical(key: string): OldStyle | null {
  const match = /^BS2-?(2[23]\d\d)(?:-?2(CS[25]?|RS)(?![A-Z\d]))?(?!\d)/.exec(key)
  if (!match) return null
  const suffix = `2${match[2] ?? 'CS'}`
  // A gap between figures is no mark of its own.
  const length = match[0].replaceAll('-', '').length
  return { base: `2${match[1]}`, suffixes: [suffix], style: 'sealed, in a style of its own', length }
}

/** Cylindrical rollers without a cage that stay in the outer ring: `NJG2305VH` and `SL192305` are NJ2305 full of rollers (common practice). */
function fullOfRollers(key: string): OldStyle | null {
  const match = /^(?:NJG(23\d\d)(?:VH)?|SL19(23\d\d))(?!\d)/.exec(key)
  const number = match?.[1] ?? match?.[2]
  return match && number
    ? {
        base: `NJ${number}`,
        suffixes: ['V'],
        style: 'full of rollers, in a style of its own',
        length: match[0].length,
      }
    : null
}

/** Numbers in styles of their own at the front of `key`; null when there is none. */
export const oldStyle = (key: string): OldStyle | null =>
  eastern(key) ??
  smallEastern(key) ??
  short(key) ??
  doubled(key) ??
  sealedSpherical(key) ??
  filledThroughNotch(key) ??
  fullOfRollers(key)
