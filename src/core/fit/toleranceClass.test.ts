import { expect, it } from 'vitest'
import { RANGES_TO, rangeOf } from './sizeRanges'
import { standardTolerance, toleranceClass } from './toleranceClass'

/** Ranges from over 3 mm, where the rules of the standard hold: middle size D = √(from · to). */
const RANGES = RANGES_TO.slice(1).map((to, i) => {
  const from = RANGES_TO[i] ?? 0
  return { to, middle: Math.sqrt(from * to) }
})
/** The tables round as the standard rounds: to 1 µm, and by up to one in twenty-five on large grades. */
const near = (table: number, rule: number) => Math.abs(table - rule) <= Math.max(1.5, rule / 25)

// ISO 286-1: i = 0.45 · ∛D + 0.001 · D; IT5 7i, IT6 10i, IT7 16i, IT8 25i, IT9 40i.
it.each([
  [5, 7],
  [6, 10],
  [7, 16],
  [8, 25],
  [9, 40],
])('IT%d is %d times the tolerance unit of the standard, in every range', (grade, times) => {
  for (const { to, middle } of RANGES) {
    const i = 0.45 * Math.cbrt(middle) + 0.001 * middle
    const table = standardTolerance(grade, rangeOf(to) ?? -1) ?? 0
    expect(near(table, times * i), `to ${to}: ${table} against ${(times * i).toFixed(1)}`).toBe(true)
  }
})

// ISO 286-1, fundamental deviations: f 5.5 · D^0.41 and g 2.5 · D^0.34 below nominal, n 5 · D^0.34 above it.
it.each([
  ['f', 'upper', -5.5, 0.41],
  ['g', 'upper', -2.5, 0.34],
  ['n', 'lower', 5, 0.34],
] as const)('%s follows its rule in every range', (letter, end, factor, power) => {
  for (const { to, middle } of RANGES) {
    const rule = factor * middle ** power
    const table = toleranceClass(`${letter}6`, to)?.[end] ?? 0
    expect(near(Math.abs(table), Math.abs(rule)), `to ${to}: ${table} against ${rule.toFixed(1)}`).toBe(true)
  }
})

// ISO 286-1: m is IT7 less IT6 above nominal.
it('m stands IT7 less IT6 above nominal', () => {
  for (const { to } of RANGES) {
    const range = rangeOf(to) ?? -1
    const rule = (standardTolerance(7, range) ?? 0) - (standardTolerance(6, range) ?? 0)
    expect(Math.abs((toleranceClass('m6', to)?.lower ?? 0) - rule), String(to)).toBeLessThanOrEqual(1)
  }
})

// ISO 286-1 clause 4.3 adds Δ to holes of K, M, N to IT8 and P, R to IT7 for one purpose:
// hole and shaft of the same letter, one grade apart, give the same fits.
it.each(['K', 'M', 'N', 'P', 'R'])('%s7 with h6 fits as H7 with %s6 does', (letter) => {
  for (const { to, middle } of RANGES) {
    const hole = toleranceClass(`${letter}7`, middle)
    const shaft = toleranceClass(`${letter.toLowerCase()}6`, middle)
    const [h, H] = [toleranceClass('h6', middle), toleranceClass('H7', middle)]
    if (!hole || !shaft || !h || !H) throw new Error(String(to))
    expect(h.upper - hole.lower, `tightest, to ${to}`).toBe(shaft.upper - H.lower)
    expect(h.lower - hole.upper, `loosest, to ${to}`).toBe(shaft.lower - H.upper)
  }
})
