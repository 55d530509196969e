/** Exact by definition: 1 lbf = 4.4482216152605 N, 1 ft = 0.3048 m. */
export const NEWTON_PER_LBF = 4.4482216152605
export const NM_PER_LBFFT = NEWTON_PER_LBF * 0.3048

/** Standard gravity, m/s²: a kilogram-force in newtons. */
export const NEWTON_PER_KGF = 9.80665

export type TorqueProblem =
  | { code: 'unit'; text: string }
  | { code: 'noUnit' | 'between' }
  | { code: 'figure' | 'grouped'; text: string }
  | { code: 'range' }

/** Largest torque that a nut of this work has, N·m: a slip of the decimal point is caught. */
const MAX_NM = 2000

/** Units a manual may give, as they are written here. */
export const TORQUE_UNITS = ['N·m', 'lbf·ft', 'lbf·in', 'kgf·m', 'kgf·cm', 'dN·m'] as const

export const torqueProblemText = (problem: TorqueProblem): string => {
  switch (problem.code) {
    case 'unit':
      return `“${problem.text}” is no unit of torque here. Write ${TORQUE_UNITS.join(', ')} behind the figure.`
    case 'noUnit':
      return 'In which unit? The manual says it; none is guessed. Choose it, or write it behind the figure.'
    case 'figure':
      return `“${problem.text}” is no torque. Write a figure and its unit, such as N·m or lbf·ft.`
    case 'grouped':
      return `“${problem.text}” is read in two ways. Write it without the comma, or with a point before decimals.`
    case 'between':
      return 'Write one figure: the torque you set. What the manual allows around it goes into the note.'
    case 'range':
      return `A torque is above 0 and at most ${MAX_NM} N·m. Check figure and unit.`
  }
}

/** Units in newton metres, as they are left without blanks, points, strokes and plurals. */
const UNITS: Readonly<Record<string, number>> = {
  nm: 1,
  dnm: 0.1,
  danm: 10,
  lbft: NM_PER_LBFFT,
  ftlb: NM_PER_LBFFT,
  lbin: NM_PER_LBFFT / 12,
  inlb: NM_PER_LBFFT / 12,
  kgm: NEWTON_PER_KGF,
  mkg: NEWTON_PER_KGF,
  kgcm: NEWTON_PER_KGF / 100,
  cmkg: NEWTON_PER_KGF / 100,
}
const WRITTEN: readonly (readonly [RegExp, string])[] = [
  [/[\s.·*/_-]/g, ''],
  [/newton/g, 'n'],
  [/(centi)?met(?:re|er)s?/g, '$1m'],
  [/centi/g, 'c'],
  [/pounds?|lbs|lbf(?=ft|fo|fe|in|$)/g, 'lb'],
  [/foot|feet/g, 'ft'],
  [/inch(?:es)?/g, 'in'],
  [/kgf|kp/g, 'kg'],
]
function unitOf(said: string): number | undefined {
  const unit = WRITTEN.reduce((text, [from, to]) => text.replace(from, to), said.toLowerCase())
  return Object.hasOwn(UNITS, unit) ? UNITS[unit] : undefined
}

/** Either a thousand and more or a little over one: nothing is guessed of a torque. */
const GROUPED = /^\d{1,3},\d{3}$/
const BETWEEN = /^\d[\d.,]*\s*(?:-|–|to|\.\.+|…)\s*\d/

/**
 * A torque as people write it, with its unit: none is guessed.
 * @returns N·m, or what to change
 * @example readTorque('81 lbf ft') // { ok: true, value: 109.8… }
 */
export function readTorque(
  text: string,
): { ok: true; value: number } | { ok: false; problem: TorqueProblem } {
  const typed = text.trim()
  if (BETWEEN.test(typed)) return { ok: false, problem: { code: 'between' } }
  const read = /^(\d+(?:[.,]\d+)?)\s*(.*)$/.exec(typed)
  if (!read) return { ok: false, problem: { code: 'figure', text: typed.slice(0, 20) } }
  const [, digits = '', unit = ''] = read
  if (GROUPED.test(digits)) return { ok: false, problem: { code: 'grouped', text: digits } }
  if (unit.trim() === '') return { ok: false, problem: { code: 'noUnit' } }
  const factor = unitOf(unit)
  if (factor === undefined) return { ok: false, problem: { code: 'unit', text: unit.trim().slice(0, 20) } }
  const nm = Number(digits.replace(',', '.')) * factor
  return nm > 0 && nm <= MAX_NM ? { ok: true, value: nm } : { ok: false, problem: { code: 'range' } }
}

/** In both units, as it stands on a card. */
export const writeTorque = (nm: number): string =>
  `${Math.round(nm * 10) / 10} N·m (${Math.round(nm / NM_PER_LBFFT)} lbf·ft)`
