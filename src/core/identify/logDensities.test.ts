import { expect, it } from 'vitest'
import { erfcx } from './erfcx'
import { logNormal, logNormalPlusShift, logSumExp } from './logDensities'

it('erfc agrees with Abramowitz & Stegun, table 7.1', () => {
  // erf(x) from the table; erfc = 1 − erf = erfcx · e^(−x²).
  const table: [number, number][] = [
    [0, 0],
    [0.5, 0.5204998778],
    [1, 0.8427007929],
    [1.5, 0.9661051465],
    [2, 0.9953222650],
  ] // prettier-ignore
  for (const [x, erf] of table) {
    expect(erfcx(x) * Math.exp(-x * x)).toBeCloseTo(1 - erf, 6)
    expect(erfcx(-x) * Math.exp(-x * x)).toBeCloseTo(1 + erf, 6)
  }
})

it('noise plus a one-directional shift is the convolution of both, by plain integration', () => {
  for (const [x, sigma, scale] of [
    [0.1, 0.03, 0.05],
    [-0.05, 0.02, 0.1],
    [0.4, 0.05, 0.02],
    [0, 0.01, 0.2],
  ] as const) {
    const step = scale / 4000
    let sum = 0
    for (let t = step / 2; t < 30 * scale; t += step)
      sum += (Math.exp(-t / scale) / scale) * Math.exp(logNormal(x - t, sigma)) * step
    expect(logNormalPlusShift(x, sigma, scale)).toBeCloseTo(Math.log(sum), 3)
  }
  expect(logNormalPlusShift(-9, 0.02, 0.05)).toBeGreaterThan(-Infinity)
  expect(logNormalPlusShift(9, 0.02, 0.05)).toBeGreaterThan(-Infinity)
})

it('sums in logarithms without overflow', () => {
  expect(logSumExp([1000, 1000])).toBeCloseTo(1000 + Math.log(2), 12)
  expect(logSumExp([])).toBe(-Infinity)
  expect(logSumExp([-Infinity, 3])).toBe(3)
})
