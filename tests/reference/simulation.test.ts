import { expect, it } from 'vitest'
import { simulateBound, simulateSizes, simulateStamps, simulateUnlisted } from '../support/simulation'

// The measuring model of the simulation is common practice (docs/identification.md); seeds are fixed, so the figures only move with the code.

it('three sizes and the rolling parts, used, digital caliper: right size first in 99 of 100, within three in 999 of 1000, and calibrated', () => {
  const { first, firstThree, calibration } = simulateSizes(1200, 11, 'three sizes')
  expect(first).toBeGreaterThanOrEqual(0.99)
  expect(firstThree).toBeGreaterThanOrEqual(0.999)
  expect(calibration).toBeLessThanOrEqual(0.03)
})

it('bore and outside only, worn: the right size within three in 97 of 100, and calibrated', () => {
  const { firstThree, calibration } = simulateSizes(1200, 12, 'two sizes')
  expect(firstThree).toBeGreaterThanOrEqual(0.97)
  expect(calibration).toBeLessThanOrEqual(0.03)
})

it('a stamp with one lost and one confused mark: first in seven of ten, within three in seventeen of twenty', () => {
  const { first, firstThree } = simulateStamps(300, 13)
  expect(first).toBeGreaterThanOrEqual(0.7)
  expect(firstThree).toBeGreaterThanOrEqual(0.85)
})

it('sizes that no plan has: “not listed” leads in 96 of 100', () => {
  expect(simulateUnlisted(500, 14)).toBeGreaterThanOrEqual(0.96)
})

/** So many that a new row, which draws other stamps, moves the figure by a tenth of a point. */
const BOUND_ROUNDS = 2400

// The bound: the exact posterior by enumerating every part and every way it may be stamped, under the noise of the simulation.
it.each([
  ['no other mark is confused', 0],
  ['in half of them another is confused', 0.5],
  ['in all of them another is confused', 1],
])('told how stamps wear, damaged ones are read within half a point of the exact answer: %s', (_, share) => {
  const { exact, ours } = simulateBound(BOUND_ROUNDS, 13, share, true)
  expect(exact - ours).toBeLessThanOrEqual(0.005 + Number.EPSILON)
})

// As shipped it assumes that a mark beside a lost one is misread now and then, whatever the simulation does.
it.each([
  ['no other mark is confused', 0, 0.01],
  ['in half of them another is confused', 0.5, 0.015],
])('not told, it stays near: %s', (_, share, most) => {
  const { exact, ours } = simulateBound(BOUND_ROUNDS, 13, share, false)
  expect(exact - ours).toBeLessThanOrEqual(most + Number.EPSILON)
})
