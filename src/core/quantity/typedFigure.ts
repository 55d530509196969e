import { lengthInMm } from './lengthInMm'
import { NEWTON_PER_LBF } from './torque'

/** What a field for one figure counts in: its metric unit, and the one that goes with inches. */
export const FIELD_UNITS = {
  length: { mm: 'mm', in: 'in' },
  force: { mm: 'kN', in: 'lbf' },
} as const
export type FieldQuantity = keyof typeof FIELD_UNITS

const KN_PER: Readonly<Record<string, number>> = {
  '': 1,
  kn: 1,
  n: 0.001,
  lbf: NEWTON_PER_LBF / 1000,
  lb: NEWTON_PER_LBF / 1000,
}
const FIGURE = /^([+-]?\d*[.,]?\d+|\d+[.,])\s*([a-z]*)\.?$/i
const ZERO = /^(?=.?0)0*[.,]?0*\s*(mm|in)?$/i
/** Nothing but figures so far: a unit can still be put behind them. */
const BARE = /^[\d\s.,/+-]*\d[\d\s.,/+-]*$/

function forceInKn(text: string): number {
  const [, digits = '', unit = ''] = FIGURE.exec(text) ?? []
  return Number(digits.replace(',', '.') || NaN) * (KN_PER[unit.toLowerCase()] ?? NaN)
}

/**
 * A figure with or without its unit; without one it is metric.
 * @returns mm or kN; NaN for what is neither
 * @example readFigure('0.002 in', 'length') // 0.0508
 * @example readFigure('225 lbf', 'force') // 1.0008…
 */
export function readFigure(text: string, quantity: FieldQuantity): number {
  const bare = text.trim()
  if (bare === '') return NaN
  if (quantity === 'force') return forceInKn(bare)
  return ZERO.test(bare) ? 0 : (lengthInMm(bare) ?? NaN)
}

/** Several lengths with at most one unit behind them all, as shims of a set: mm, what is none left out. */
export function readFigures(text: string): number[] {
  const [, figures = '', unit = ''] = /^(.*?)\s*(mm|in)?$/i.exec(text.trim()) ?? []
  return figures.split(/[\s;]+/).flatMap((figure) => {
    const mm = readFigure(`${figure} ${unit}`, 'length')
    return mm > 0 ? [mm] : []
  })
}

/** What is kept of figures typed into a field that counts in `unit`: they carry it, unless it is the metric one. */
export const storedFigure = (typed: string, quantity: FieldQuantity, unit: 'mm' | 'in'): string =>
  unit === 'in' && BARE.test(typed) ? `${typed} ${FIELD_UNITS[quantity].in}` : typed

/** What a field that counts in `unit` shows of kept figures: without that unit, but with any other. */
export function shownFigure(stored: string, quantity: FieldQuantity, unit: 'mm' | 'in'): string {
  const own = FIELD_UNITS[quantity]
  // A fraction is of an inch where nothing is said: it keeps a unit that says otherwise.
  const isFraction = stored.includes('/')
  if (BARE.test(stored)) return unit === 'mm' || isFraction ? stored : `${stored} ${own.mm}`
  const bare = stored.endsWith(` ${own[unit]}`) ? stored.slice(0, -own[unit].length - 1) : stored
  return BARE.test(bare) && !(isFraction && unit === 'mm') ? bare : stored
}
