import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { shipped } from '../../../tests/support/shipped'
import { findPart } from '../catalogue'
import { variantOf } from '../interchange'
import { greasingOf } from './greasing'
import { greaseFill, practiceFor, speedFactor } from './fill'
import { freeVolumeMl, GREASE_DENSITY, ringVolumeMl } from './freeVolume'
import { mixing, THICKENERS, type Thickener } from './mixing'
import { relubricationGrams, relubricationHours, wheelRpm } from './relubrication'

const part = (base: string) => {
  const found = findPart(shipped.catalogue, base)
  if (!found) throw new Error(base)
  return found
}

// Worked by hand: π/4 · 15 · (52² − 25²) mm³ = 24.49 ml of envelope; 0.128 kg of steel at 7.85 g/ml fill 16.3 ml of it
// (mass a handbook value from memory): 8.2 ml are free.
it('free volume of 6205 is envelope less steel', () => {
  expect(ringVolumeMl(15, 25, 52)).toBeCloseTo(24.49, 2)
  expect(Math.abs((freeVolumeMl(part('6205')) ?? 0) - (24.49 - 128 / 7.85))).toBeLessThan(0.4)
  expect(freeVolumeMl(part('L44643'))).toBeNull()
})

// Common practice: what slides on steel is greased through its rings whether it has seals or not, what has a lining never; track rollers and
// inserts with a wide ring have a way in; linear ball bearings come dry behind their seals; a clutch slips in what is stiff.
it.each([
  ['6205 NU208 51208 3206 RNA4905 HK2016 STO20 LR5204', 'byHand'],
  ['6205-2RS 6203ZZ SB206 DAC35640037 LR202-2RS CSK25-2RS', 'filled'],
  ['UC205 UK210 UCX09 KR22 KR22PP NUTR25 NATR25PP NUKR35 PWKR40 CF1S', 'filledAgain'],
  ['LM20 LM20UU LMF16UU', 'rustFilm'],
  ['GE25 GE25ES GE25ES-2RS GE60DO SI20ES-2RS POS10', 'sliding'],
  ['GE8E SI8E', 'onBall'],
  ['GE25C GE25UK-2RS GE30TXE-2LS GE40ET-2RS SI20C SA12C', 'lining'],
  ['CSK25 CSK25PP HF2016 ASNU40', 'sparing'],
])('%s: %s', (numbers, greasing) => {
  for (const number of numbers.split(' ')) {
    const variant = variantOf(number, shipped)
    if (!variant) throw new Error(number)
    expect(greasingOf(variant), number).toBe(greasing)
  }
})

it('speed factor is speed times mean diameter', () => {
  // 300 a minute on dm 38.5 mm: 11 550, far below 50 000 where a full hub is harmless (common practice).
  expect(speedFactor(300, 25, 52)).toBe(11_550)
  expect(practiceFor(11_550)).toBe('hubFull')
  expect(practiceFor(100_000)).toBe('bearingsFullCavityThird')
  expect(practiceFor(400_000)).toBe('bearingsThird')
  expect(practiceFor(null)).toBe('bearingsFullCavityThird')
})

describe('fill', () => {
  const set = part('L44643/L44610')
  const cavity = { lengthMm: 40, innerMm: 26, outerMm: 45 }
  it('grams are millilitres times the density of grease', () => {
    const { bearingMl, cavityMl, grams } = greaseFill([set, set], cavity, 10_000)
    expect(bearingMl).toBeCloseTo(2 * (freeVolumeMl(set) ?? 0), 9)
    expect(cavityMl).toBeCloseTo(ringVolumeMl(40, 26, 45), 9)
    expect(grams).toBeCloseTo((bearingMl + cavityMl) * GREASE_DENSITY, 9)
  })
  it('faster never means more, and a hub without a known cavity counts its bearings alone', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 600_000 }), fc.integer({ min: 0, max: 600_000 }), (a, b) => {
        const [slow, fast] = [Math.min(a, b), Math.max(a, b)]
        expect(greaseFill([set], cavity, fast).grams).toBeLessThanOrEqual(
          greaseFill([set], cavity, slow).grams,
        )
      }),
    )
    expect(greaseFill([set], null, 10_000).cavityMl).toBe(0)
  })
})

describe('thickeners and intervals', () => {
  it('mixing does not ask which was there first; the trade notes rows clash', () => {
    for (const a of THICKENERS)
      for (const b of THICKENERS) expect(mixing(a, b), `${a} ${b}`).toBe(mixing(b, a))
    expect(mixing('lithium', 'lithiumComplex')).toBe('mixes')
  })
  // What the usual chart of handbooks calls incompatible (from memory): never told as less than that.
  it.each<[Thickener, Thickener[]]>([
    ['aluminiumComplex', ['barium', 'calciumComplex', 'clay', 'lithium', 'polyurea', 'sodium']],
    ['barium', ['calciumComplex', 'clay', 'lithium', 'lithiumComplex', 'polyurea', 'sodium']],
    ['calciumComplex', ['calciumSulfonate', 'clay', 'lithium', 'sodium']],
    ['calciumSulfonate', ['clay', 'polyurea', 'sodium']],
    ['clay', ['lithium', 'lithiumComplex', 'polyurea', 'sodium']],
    ['polyurea', ['calcium', 'lithium', 'lithiumComplex', 'sodium']],
  ])('%s does not mix with %j', (a, others) => {
    for (const b of others) expect(mixing(a, b), b).toBe('clash')
  })
  // Worked by hand: 10 · (14e6 / (3000 · √50) − 200) = 4 600 h; half of it at 85 °C (handbook rule).
  it('the interval of a ball bearing of 50 mm at 3 000 a minute', () => {
    const question = { element: 'ball' as const, rpm: 3000, boreMm: 50 }
    expect(relubricationHours(question)).toBeCloseTo(4599.7, 0)
    expect(relubricationHours({ ...question, celsius: 85 }) / relubricationHours(question)).toBeCloseTo(
      0.5,
      9,
    )
    expect(relubricationHours({ ...question, washed: true })).toBeLessThan(relubricationHours(question))
    expect(relubricationHours({ ...question, rpm: 100_000 })).toBe(0)
  })
  it.each([
    ['6205', 3.9],
    // The outer ring is narrower than the inner one.
    ['UC205', 0.005 * 52 * 17.05],
    ['30205', 0.005 * 52 * 16.25],
    // Stud and roller: no bore.
    ['KR35', 0.005 * 35 * 18],
  ])('0.005 · D · B: %s takes %s g', (number, grams) =>
    expect(relubricationGrams(part(number))).toBeCloseTo(grams, 2),
  )
  // 15 km/h on 420 mm: 250 m a minute over 1.319 m of tyre.
  it('a wheel turns by its tyre', () => expect(wheelRpm(15, 420)).toBeCloseTo(189.5, 1))
})
