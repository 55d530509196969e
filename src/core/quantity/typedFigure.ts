import { lengthInMm } from './lengthInMm'
import { lengthProblemText } from './lengthProblemText'
import { readAmount } from './readAmount'
import { readLength } from './readLength'
import { NEWTON_PER_KGF, NEWTON_PER_LBF } from './torque'
import { MM_PER_INCH } from './units'

/** What a field for one figure counts in: its metric unit, and the one that goes with inches. */
export const FIELD_UNITS = {
  length: { mm: 'mm', in: 'in' },
  force: { mm: 'kN', in: 'lbf' },
  speed: { mm: 'km/h', in: 'mph' },
  temperature: { mm: '°C', in: '°F' },
  turns: { mm: '1/min', in: '1/min' },
  hours: { mm: 'h', in: 'h' },
  angle: { mm: '°', in: '°' },
  plain: { mm: '', in: '' },
} as const
export type FieldQuantity = keyof typeof FIELD_UNITS

const KMH_PER_MPH = (MM_PER_INCH * 63_360) / 1e6
const times = (factor: number) => (figure: number) => figure * factor
const same = times(1)

interface Unit {
  of: (figure: number) => number
  /** counts so small that three digits behind a separator are thousands: `1,500 lbf`, `1 500 1/min` */
  grouped?: boolean
}
/** Units by what is written behind the figure in small letters without blanks; nothing is the metric one. */
const UNITS: Readonly<Record<Exclude<FieldQuantity, 'length'>, Readonly<Record<string, Unit>>>> = {
  force: {
    '': { of: same },
    kn: { of: same },
    n: { of: times(0.001), grouped: true },
    lbf: { of: times(NEWTON_PER_LBF / 1000), grouped: true },
    lb: { of: times(NEWTON_PER_LBF / 1000), grouped: true },
    lbs: { of: times(NEWTON_PER_LBF / 1000), grouped: true },
    kgf: { of: times(NEWTON_PER_KGF / 1000), grouped: true },
    t: { of: times(NEWTON_PER_KGF) },
    tonne: { of: times(NEWTON_PER_KGF) },
    tonnes: { of: times(NEWTON_PER_KGF) },
  },
  speed: {
    '': { of: same },
    'km/h': { of: same },
    kmh: { of: same },
    kph: { of: same },
    mph: { of: times(KMH_PER_MPH) },
    'm/s': { of: times(3.6) },
  },
  temperature: {
    '': { of: same },
    '°c': { of: same },
    c: { of: same },
    '°f': { of: (figure) => (figure - 32) / 1.8 },
    f: { of: (figure) => (figure - 32) / 1.8 },
  },
  turns: {
    '': { of: same, grouped: true },
    '/min': { of: same, grouped: true },
    rpm: { of: same, grouped: true },
    'r/min': { of: same, grouped: true },
    'min-1': { of: same, grouped: true },
  },
  hours: {
    '': { of: same, grouped: true },
    h: { of: same, grouped: true },
    hours: { of: same, grouped: true },
  },
  angle: { '': { of: same }, '°': { of: same }, deg: { of: same }, degrees: { of: same } },
  plain: { '': { of: same }, '%': { of: same } },
}
const FIGURE = /^([+\-−]?(?:\d[\d\s.,'’]*|[.,]\d+))(.*)$/
const DECIMAL = /^[+-]?(?:\d+(?:[.,]\d*)?|[.,]\d+)$/
/** A ton is one of three: nothing is taken for granted. */
const TONS = /\btons?$/i
const ZERO = /^(?=.?0)0*[.,]?0*\s*(mm|in)?$/i
/** Nothing but figures so far: a unit can still be put behind them. */
const BARE = /^[\d\s.,'’/+-]*\d[\d\s.,'’/+-]*$/

function countedIn(text: string, quantity: Exclude<FieldQuantity, 'length'>): number {
  // `1500 1/min` ends in a figure of its own.
  const behind = quantity === 'turns' ? /\s1\/min$/i.exec(text)?.[0] : undefined
  const [, digits = '', said = ''] = FIGURE.exec(behind ? text.slice(0, -behind.length) : text) ?? []
  const word = said.toLowerCase().replace(/[\s.]/g, '')
  const unit = Object.hasOwn(UNITS[quantity], word) ? UNITS[quantity][word] : undefined
  const figure = digits.trim().replace('−', '-')
  if (!unit || (behind && said.trim() !== '')) return NaN
  const read = unit.grouped
    ? readAmount(figure)
    : DECIMAL.test(figure)
      ? Number(figure.replace(',', '.'))
      : null
  return read === null ? NaN : unit.of(read)
}

/**
 * A figure with or without its unit; without one it is metric.
 * @returns mm, kN, km/h, °C, 1/min, h, degrees or the figure itself; NaN for what is none of these
 * @example readFigure('0.002 in', 'length') // 0.0508
 * @example readFigure('225 lbf', 'force') // 1.0008…
 * @example readFigure('1,500 rpm', 'turns') // 1500
 */
export function readFigure(text: string, quantity: FieldQuantity): number {
  const bare = text.trim()
  if (bare === '') return NaN
  if (quantity !== 'length') return countedIn(bare, quantity)
  return ZERO.test(bare) ? 0 : (lengthInMm(bare) ?? NaN)
}

/** What to change in a figure that cannot be read; empty = nothing, or nothing typed. */
export function figureProblem(text: string, quantity: FieldQuantity): string {
  if (text.trim() === '' || !Number.isNaN(readFigure(text, quantity))) return ''
  if (quantity === 'length') {
    const read = readLength(text)
    return read.ok ? '' : lengthProblemText(read.problem)
  }
  if (quantity === 'force' && TONS.test(text.trim()))
    return 'A ton is 8.9 kN (short), 9.8 kN (metric) or 10 kN (long). Write kN, lbf, or t for the metric one.'
  const units = [...new Set(Object.values(FIELD_UNITS[quantity]))].filter(Boolean)
  const alone = units.length > 0 ? `alone, or with ${units.join(' or ')} behind it` : 'in digits alone'
  return `“${text.trim().slice(0, 20)}” is no figure. Write it ${alone}.`
}

/** Several lengths with at most one unit behind them all, as shims of a set: mm, what is none left out. */
export function readFigures(text: string): number[] {
  const [, figures = '', unit = ''] = /^(.*?)\s*(mm|in)?$/i.exec(text.trim()) ?? []
  return figures.split(/[\s;]+/).flatMap((figure) => {
    const mm = readFigure(`${figure} ${unit}`, 'length')
    return mm > 0 ? [mm] : []
  })
}

/** Whether a figure of this kind has another unit beside inches. */
const hasTwin = (quantity: FieldQuantity): boolean => FIELD_UNITS[quantity].mm !== FIELD_UNITS[quantity].in

/** What is kept of figures typed into a field that counts in `unit`: they carry it, unless it is the metric one. */
export const storedFigure = (typed: string, quantity: FieldQuantity, unit: 'mm' | 'in'): string =>
  unit === 'in' && hasTwin(quantity) && BARE.test(typed) ? `${typed} ${FIELD_UNITS[quantity].in}` : typed

/** What a field that counts in `unit` shows of kept figures: without that unit, but with any other. */
export function shownFigure(stored: string, quantity: FieldQuantity, unit: 'mm' | 'in'): string {
  if (!hasTwin(quantity)) return stored
  const own = FIELD_UNITS[quantity]
  // A fraction is of an inch where nothing is said: it keeps a unit that says otherwise.
  const isFraction = stored.includes('/') && quantity === 'length'
  if (BARE.test(stored)) return unit === 'mm' || isFraction ? stored : `${stored} ${own.mm}`
  const bare = stored.endsWith(` ${own[unit]}`) ? stored.slice(0, -own[unit].length - 1) : stored
  return BARE.test(bare) && !(isFraction && unit === 'mm') ? bare : stored
}
