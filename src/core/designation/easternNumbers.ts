const EASTERN = 'in the old eastern style (GOST 3189)'
const SHORT = 'in the old short style'

/** What stands for the type and the design in an eastern number, and which standard number it is. */
interface Kind {
  /** figures before the diameter series */
  front: RegExp
  /** front of the standard number by the figure of the diameter series (5 and 6: the wide ones of 2 and 3) */
  series: Readonly<Record<string, string>>
  suffix?: string
  /** what differs from the standard part */
  apart?: string
}

const BALL = { '1': '60', '2': '62', '3': '63', '4': '64' }
const CYLINDRICAL = { '2': '2', '3': '3', '4': '4', '5': '22', '6': '23' }
const ANGULAR = { '1': '70', '2': '72', '3': '73', '4': '74' }

const cylindrical = (letters: string): Readonly<Record<string, string>> =>
  Object.fromEntries(Object.entries(CYLINDRICAL).map(([digit, series]) => [digit, letters + series]))

/**
 * GOST 3189, from memory: read from the right two figures of bore (ISO 15), one of diameter series, one of type, two of design
 * and one of width series; noughts in front are left out. Contact angles differ: 12°, 26° and 36° where the standard ones
 * have 15°, 25° and 40°.
 */
const KINDS: readonly Kind[] = [
  { front: /^$/, series: BALL },
  { front: /^1000$/, series: { '8': '618', '9': '619' } },
  { front: /^7000$/, series: { '1': '160' } },
  { front: /^1$/, series: { '5': '22', '6': '23' } },
  { front: /^111$/, series: { '2': '12', '3': '13', '5': '22', '6': '23' }, suffix: 'K' },
  { front: /^2$/, series: cylindrical('N') },
  { front: /^12$/, series: cylindrical('NF') },
  { front: /^32$/, series: { ...cylindrical('NU'), '1': 'NU10' } },
  { front: /^42$/, series: cylindrical('NJ') },
  { front: /^92$/, series: cylindrical('NUP') },
  { front: /^3182$/, series: { '1': 'NN30' }, suffix: 'K' },
  { front: /^3282$/, series: { '1': 'NN30' } },
  { front: /^5?3$/, series: { '5': '222', '6': '223' } },
  { front: /^1[15]3$/, series: { '5': '222', '6': '223' }, suffix: 'K' },
  { front: /^30[05]3$/, series: { '1': '230', '7': '231' } },
  { front: /^31[15]3$/, series: { '1': '230', '7': '231' }, suffix: 'K' },
  { front: /^4074$/, series: { '9': 'NA49' } },
  { front: /^36$/, series: ANGULAR, suffix: 'C', apart: 'contact angle 12°' },
  { front: /^46$/, series: ANGULAR, suffix: 'AC', apart: 'contact angle 26°' },
  { front: /^66$/, series: ANGULAR, suffix: 'B', apart: 'contact angle 36°' },
  { front: /^176$/, series: { '2': 'QJ2', '3': 'QJ3' } },
  { front: /^3056$/, series: { '2': '32', '3': '33' } },
  { front: /^7$/, series: { '2': '302', '3': '303', '5': '322', '6': '323' } },
  { front: /^27$/, series: { '3': '313' } },
  { front: /^2007$/, series: { '1': '320', '9': '329' } },
  { front: /^8$/, series: { '1': '511', '2': '512', '3': '513', '4': '514' } },
  { front: /^38$/, series: { '2': '522', '3': '523' } },
  { front: /^9039$/, series: { '3': '293', '4': '294' } },
]

/** Wheel bearings whose number follows no rule (common practice). */
const UNITS: Readonly<Record<string, string>> = { '256706': '30x60x37', '256907': '34x64x37' }

/** Figures, and the letter of the design that carries more, which changes no boundary dimension. */
const FORM = /^(\d{0,4})(\d)(\d\d)A?$/

/** A standard number, and the style in which another stands for it. */
export interface Standard {
  number: string
  /** for people, behind the number: `in the old short style` */
  style: string
}

/**
 * The standard number of a bearing that carries an old eastern one (GOST 3189). Many of its numbers are also numbers of their
 * own: it is offered, never taken.
 * @param key marks of the number without gaps
 * @returns null where it is none
 * @example standardOfEastern('7508')?.number // '32208'
 */
export function standardOfEastern(key: string): Standard | null {
  const unit = UNITS[key]
  if (unit) return { number: unit, style: EASTERN }
  const [, front = '', series = '', bore = ''] = FORM.exec(key) ?? []
  const kind = bore === '' ? undefined : KINDS.find((k) => k.front.test(front))
  const number = kind?.series[series]
  if (number === undefined) return null
  // Three figures are that in many countries: the 6 of ball bearings is left out.
  const style = front === '' ? SHORT : [EASTERN, kind?.apart ?? []].flat().join(', ')
  return { number: `${number}${bore}${kind?.suffix ?? ''}`, style }
}
