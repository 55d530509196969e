import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { centreAxle } from './centreAxle'
import { clampedStack } from './clampedStack'
import { compareDepths } from './compareDepths'
import { judgeSpacerPair } from './spacerPair'
import { stackUp, type StackItem } from './stackUp'

/** Slow twin of the worst case: every corner of the box of tolerances. */
function corners(items: readonly StackItem[]): { min: number; max: number } {
  const sums = items.reduce<number[]>(
    (all, { sign, mm, plusMm, minusMm }) =>
      all.flatMap((sum) => [sum + sign * (mm + plusMm), sum + sign * (mm - minusMm)]),
    [0],
  )
  return { min: Math.min(...sums), max: Math.max(...sums) }
}

const item = fc.record({
  label: fc.constant(''),
  sign: fc.constantFrom(1 as const, -1 as const),
  mm: fc.double({ min: 1, max: 200, noNaN: true }),
  plusMm: fc.double({ min: 0, max: 0.5, noNaN: true }),
  minusMm: fc.double({ min: 0, max: 0.5, noNaN: true }),
})

describe('stack-up', () => {
  it('worst case is the worst of all corners, statistical lies within it', () =>
    fc.assert(
      fc.property(fc.array(item, { minLength: 1, maxLength: 8 }), (items) => {
        const { worst, statistical } = stackUp(items)
        const slow = corners(items)
        expect(worst.min).toBeCloseTo(slow.min, 9)
        expect(worst.max).toBeCloseTo(slow.max, 9)
        expect(statistical.min).toBeGreaterThanOrEqual(worst.min - 1e-9)
        expect(statistical.max).toBeLessThanOrEqual(worst.max + 1e-9)
      }),
    ))
  // Worked by hand: ± 0.1 and ± 0.05 give ± 0.15 at worst, ± √(0.01 + 0.0025) = ± 0.112 by root sum of squares.
  it('the worked example', () => {
    const { worst, statistical } = stackUp([
      { label: 'hub', sign: 1, mm: 50, plusMm: 0.1, minusMm: 0.1 },
      { label: 'tube', sign: -1, mm: 50, plusMm: 0.05, minusMm: 0.05 },
    ])
    expect(worst.max).toBeCloseTo(0.15, 9)
    expect(statistical.max).toBeCloseTo(0.1118, 4)
  })
})

describe('spacer between clamped bearings (common practice)', () => {
  const pair = { shouldersMm: 46, shouldersOffMm: 0.02, spacerOffMm: 0.02 }
  it.each([
    [45.7, 'sideLoad'],
    [46, 'good'],
    [46.5, 'loose'],
    [45.92, 'doubtful'],
  ])('%d mm between 46 mm shoulders: %s', (spacerMm, verdict) =>
    expect(judgeSpacerPair({ ...pair, spacerMm }).verdict).toBe(verdict),
  )
})

describe('an axle is moved by half the difference (common practice)', () => {
  it('toward the larger gap, away from where it stands out more; both sides then read the mean', () => {
    const gap = centreAxle(31.4, 29.8, 'gap', 1)
    expect(gap).toMatchObject({ toward: 'left', mustReadMm: expect.closeTo(30.6, 9) })
    expect(gap.shiftMm).toBeCloseTo(0.8, 9)
    expect(gap.turns).toBeCloseTo(0.8, 9)
    expect(centreAxle(31.4, 29.8, 'standsOut').toward).toBe('right')
    expect(centreAxle(30, 30, 'gap').toward).toBeNull()
  })
  it('moved so, both sides read alike', () =>
    fc.assert(
      fc.property(
        fc.double({ min: 1, max: 100, noNaN: true }),
        fc.double({ min: 1, max: 100, noNaN: true }),
        fc.constantFrom('gap' as const, 'standsOut' as const),
        (left, right, measure) => {
          const { shiftMm, toward, mustReadMm } = centreAxle(left, right, measure)
          const toLeft = toward === 'left' ? shiftMm : -shiftMm
          // Moved to the left, the gap there closes and the end there stands out more.
          const onLeft = measure === 'gap' ? -toLeft : toLeft
          expect(left + onLeft).toBeCloseTo(mustReadMm, 9)
          expect(right - onLeft).toBeCloseTo(mustReadMm, 9)
        },
      ),
    ))
})

describe('a clamped stack', () => {
  const tube = { tubeBoreMm: 20, tubeOutsideMm: 26, lengthMm: 46, threadMm: 20, playMm: 0.1 }
  // Hooke: 1 kN on 216.8 mm² of steel, 46 mm long: 1 000 · 46 / (206 000 · 216.8) = 1.03 µm.
  it('gets shorter by F·L/(E·A)', () => expect(clampedStack(tube)?.mmPerKn).toBeCloseTo(0.00103, 5))
  it('its play is gone where the tube has given it up: F = T / (k·d), oiled sooner than dry', () => {
    const squeeze = clampedStack(tube)
    const force = 0.1 / 0.00103
    expect(squeeze?.goneAtNm?.dry).toBeCloseTo(force * 0.2 * 20, -1)
    expect(squeeze?.goneAtNm?.oiled).toBeCloseTo(force * 0.15 * 20, -1)
    for (const { dryMm, oiledMm } of squeeze?.curve ?? []) expect(oiledMm).toBeLessThanOrEqual(dryMm)
    expect(squeeze?.curve[0]?.dryMm).toBeCloseTo(0.1, 9)
  })
  it('a short spacer has none to give; a tube without a wall is refused', () => {
    expect(clampedStack({ ...tube, playMm: -0.02 })?.goneAtNm).toBeNull()
    expect(clampedStack({ ...tube, tubeOutsideMm: 20 })).toBeNull()
  })
})

it('depths: as before, proud, or to be measured again', () => {
  const [same, proud, open] = compareDepths([
    { what: 'cup', beforeMm: 12.4, afterMm: 12.42 },
    { what: 'cup', beforeMm: 12.4, afterMm: 12 },
    { what: 'cup', beforeMm: 12.4 },
  ])
  expect([same?.result, proud?.result, open?.result]).toEqual(['pass', 'warn', 'gap'])
  expect(proud?.message).toContain('not seated')
})
