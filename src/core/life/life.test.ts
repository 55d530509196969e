import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import ratings from '../../../data/ratings/ratings.json'
import { shipped } from '../../../tests/support/shipped'
import { findPart } from '../catalogue'
import { ballRating } from './ballRating'
import { equivalentLoad, equivalentStaticLoad } from './equivalentLoad'
import { judgeLife } from './judgeLife'
import { lifeHours, loadForLife, ratingLife } from './ratingLife'
import { typicalRating } from './typicalRating'

describe('rating life (ISO 281)', () => {
  // Worked example of handbooks (from memory): C 55.3 kN, P 10 kN, 3 000 a minute: 169 million turns, 940 hours.
  it('the worked example of a ball bearing', () => {
    const turns = ratingLife(55.3, 10, 'ball')
    expect(turns).toBeCloseTo(169.1, 1)
    expect(lifeHours(turns, 3000)).toBeCloseTo(939.5, 0)
  })
  it('rollers go by 10/3: half the load is ten times the life', () => {
    expect(ratingLife(20, 1, 'taperedRoller') / ratingLife(20, 2, 'taperedRoller')).toBeCloseTo(
      2 ** (10 / 3),
      9,
    )
    expect(2 ** (10 / 3)).toBeCloseTo(10.08, 2)
  })
  it('the load for a wanted life gives that life back', () =>
    fc.assert(
      fc.property(
        fc.double({ min: 1, max: 500, noNaN: true }),
        fc.double({ min: 100, max: 100_000, noNaN: true }),
        fc.double({ min: 1, max: 20_000, noNaN: true }),
        fc.constantFrom('ball' as const, 'taperedRoller' as const),
        (c, hours, rpm, element) => {
          const load = loadForLife(c, hours, rpm, element)
          expect(lifeHours(ratingLife(c, load, element), rpm) / hours).toBeCloseTo(1, 9)
        },
      ),
    ))
})

describe('ratings', () => {
  // Balls of usual inside (handbook figures from memory): 6204 8 × 7.938 on 33.5, 6205 9 × 7.938 on 39, 6206 9 × 9.525 on 46.
  it.each([
    ['6204', 8, 7.938, 33.5],
    ['6205', 9, 7.938, 39],
    ['6206', 9, 9.525, 46],
  ])('the formula of ISO 281 gives what handbooks give for %s', (base, balls, mm, circle) => {
    const [worked, typical] = [ballRating(balls, mm, circle), typicalRating(base)]
    expect(Math.abs((worked?.cKn ?? 0) / (typical?.cKn ?? 1) - 1)).toBeLessThan(0.02)
    expect(Math.abs((worked?.c0Kn ?? 0) / (typical?.c0Kn ?? 1) - 1)).toBeLessThan(0.08)
  })
  it('balls that fill their circle are refused', () => expect(ballRating(7, 30, 40)).toBeNull())
  const rows = Object.entries(ratings.rows)
  it('the table is not empty, names real bearings, and C0 stays below C', () => {
    expect(rows.length).toBeGreaterThan(25)
    for (const [base, [c = 0, c0 = 0]] of rows) {
      expect(findPart(shipped.catalogue, base), base).toBeTruthy()
      expect(c0, base).toBeLessThan(c)
    }
  })
  it('within a series a larger bore carries more', () => {
    for (const series of ['60', '62', '63']) {
      const own = rows.filter(([base]) => base.startsWith(series) && base.length === 4)
      own.forEach(([base, [c = 0]], i) => {
        if (i > 0) expect(c, base).toBeGreaterThan(own[i - 1]?.[1][0] ?? 0)
      })
    }
  })
})

/** f_c from the theory behind the table (ISO/TR 1281-1, from memory): grooves of 0.52, single row, reduction 0.95. */
function fcOf(gamma: number): number {
  const osculation = (2 * 0.52) / (2 * 0.52 - 1)
  const rings = (1 + (1.04 * ((1 - gamma) / (1 + gamma)) ** 1.72) ** (10 / 3)) ** -0.3
  const shape = (gamma ** 0.3 * (1 - gamma) ** 1.39) / (1 + gamma) ** (1 / 3)
  return 0.95 * 39.9 * rings * shape * osculation ** 0.41
}
it('the table of f_c follows its theory within two in a hundred', () => {
  for (const gamma of [0.06, 0.1, 0.14, 0.18, 0.22, 0.26, 0.3]) {
    // One ball of 1 mm: C = 1.3 · f_c, in newtons.
    const fc = ((ballRating(1, 1, 1 / gamma)?.cKn ?? 0) * 1000) / 1.3
    expect(Math.abs(fc / fcOf(gamma) - 1), String(gamma)).toBeLessThan(0.02)
  }
})

describe('equivalent load (ISO 281 table 3, ISO 76)', () => {
  it('pure radial load is itself', () => {
    expect(equivalentLoad({ radialKn: 3, axialKn: 0 }, 'radialBall', 8)).toBe(3)
    expect(equivalentLoad({ radialKn: 3, axialKn: 0.2 }, 'tapered', 8)).toBe(3)
  })
  it('at a row of the table: f0·Fa/C0 = 1.03 has e 0.28, Y 1.55', () => {
    const axialKn = 1
    const c0 = (14 * axialKn) / 1.03
    expect(equivalentLoad({ radialKn: 2, axialKn }, 'radialBall', c0)).toBeCloseTo(0.56 * 2 + 1.55, 6)
    expect(equivalentLoad({ radialKn: 4, axialKn }, 'radialBall', c0)).toBe(4)
  })
  it('more axial load never lowers it by more than the step of the table', () =>
    fc.assert(
      fc.property(
        fc.double({ min: 0.1, max: 10, noNaN: true }),
        fc.double({ min: 0, max: 5, noNaN: true }),
        (radialKn, axialKn) => {
          const p = (a: number) => equivalentLoad({ radialKn, axialKn: a }, 'radialBall', 8)
          expect(p(axialKn + 0.1)).toBeGreaterThan(p(axialKn) * 0.93)
          expect(equivalentStaticLoad({ radialKn, axialKn }, 'radialBall')).toBeGreaterThanOrEqual(radialKn)
        },
      ),
    ))
})

describe('judgement', () => {
  const asked = { element: 'ball' as const, cKn: 14, c0Kn: 7.85, rpm: 300, wantedHours: 10_000 }
  it('without a load nothing is promised, but the load for the life is told', () => {
    const answer = judgeLife(asked)
    expect(answer.hours).toBeNull()
    expect(answer.words[0]).toContain('not known')
    expect(judgeLife({ ...asked, radialKn: 0, axialKn: 0 })).toEqual(answer)
    // (10 000 h · 60 · 300 / 10⁶)^(1/3) = 5.646: 14 / 5.646 = 2.48 kN.
    expect(answer.loadForWantedKn).toBeCloseTo(2.48, 2)
  })
  it('a heavy load is called beyond the standard, and dents a standing bearing', () => {
    const { words, staticSafety } = judgeLife({ ...asked, radialKn: 9 })
    expect(staticSafety).toBeLessThan(1)
    expect(words.join(' ')).toMatch(/half the dynamic rating/)
    expect(words.join(' ')).toMatch(/dent the raceways/)
  })
  it('ninety-nine of a hundred live a quarter as long (a1 0.25)', () => {
    const hours = (reliability: number) => judgeLife({ ...asked, radialKn: 2, reliability }).hours ?? 0
    expect(hours(99) / hours(90)).toBeCloseTo(0.25, 9)
  })
})
