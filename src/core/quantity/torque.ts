/** Exact by definition: 1 lbf = 4.4482216152605 N, 1 ft = 0.3048 m. */
export const NEWTON_PER_LBF = 4.4482216152605
export const NM_PER_LBFFT = NEWTON_PER_LBF * 0.3048

/** Standard gravity, m/s²: a kilogram-force in newtons. */
const NEWTON_PER_KGF = 9.80665

export type TorqueProblem =
  { code: 'unit'; text: string } | { code: 'noUnit' } | { code: 'figure'; text: string } | { code: 'range' }

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
    case 'range':
      return `A torque is above 0 and at most ${MAX_NM} N·m. Check figure and unit.`
  }
}

const UNITS: readonly (readonly [RegExp, number])[] = [
  [/^n[·.\s*]?m$/i, 1],
  [/^((lbf?|pounds?)[·.\s*-]?(ft|feet|foot)|(ft|foot)[·.\s*-]?(lbf?s?|pounds?))$/i, NM_PER_LBFFT],
  [/^((lbf?|pounds?)[·.\s*-]?(in|inch(es)?)|(in|inch)[·.\s*-]?(lbf?s?|pounds?))$/i, NM_PER_LBFFT / 12],
  [/^(kgf?|kp)[·.\s*-]?m$/i, NEWTON_PER_KGF],
  [/^(kgf?|kp)[·.\s*-]?cm$/i, NEWTON_PER_KGF / 100],
  [/^dn[·.\s*]?m$/i, 0.1],
]

/**
 * A torque as people write it, with its unit: none is guessed.
 * @returns N·m, or what to change
 * @example readTorque('81 lbf ft') // { ok: true, value: 109.8… }
 */
export function readTorque(
  text: string,
): { ok: true; value: number } | { ok: false; problem: TorqueProblem } {
  const read = /^(\d+(?:[.,]\d+)?)\s*(.*)$/.exec(text.trim())
  if (!read) return { ok: false, problem: { code: 'figure', text: text.trim().slice(0, 20) } }
  const [, digits = '', unit = ''] = read
  if (unit.trim() === '') return { ok: false, problem: { code: 'noUnit' } }
  const factor = UNITS.find(([shape]) => shape.test(unit.trim()))?.[1]
  if (factor === undefined) return { ok: false, problem: { code: 'unit', text: unit.trim().slice(0, 20) } }
  const nm = Number(digits.replace(',', '.')) * factor
  return nm > 0 && nm <= MAX_NM ? { ok: true, value: nm } : { ok: false, problem: { code: 'range' } }
}

/** In both units, as it stands on a card. */
export const writeTorque = (nm: number): string =>
  `${Math.round(nm * 10) / 10} N·m (${Math.round(nm / NM_PER_LBFFT)} lbf·ft)`
