import { describe, expect, it } from 'vitest'
import { judgeSeat } from './judgeSeat'

describe('a measured seat', () => {
  const H7 = { lower: 0, upper: 30 }
  const housing = (...um: number[]) =>
    judgeSeat(
      um.map((v, i) => ({
        at: String(3 * (i % 4)),
        depth: i < 4 ? 'front' : 'back',
        valueMm: 62 + v / 1000,
      })),
      62,
      H7,
      'housing',
    )
  it('good: inside its limits, round and straight', () =>
    expect(housing(12, 14, 13, 15, 16, 15, 17, 14)).toMatchObject({ verdict: 'good' }))
  it('one reading that departs from the others condemns the housing (common practice)', () =>
    expect(housing(10, 12, 11, 70)).toMatchObject({ verdict: 'replace' }))
  // Readings of one size repeat within so many deviations of the instrument (studentised range at 95 %, handbook of statistics).
  it.each([
    ['micrometer', 1],
    ['digitalCaliper', 10],
    ['dialCaliper', 12],
    ['vernier', 20],
  ] as const)('%s: what it scatters by itself is no out-of-round', (instrument, repeatsUm) => {
    const range = { 2: 2.77, 3: 3.31, 4: 3.63, 5: 3.86, 6: 4.03, 7: 4.17, 8: 4.29 }
    for (const [count, factor] of Object.entries(range)) {
      const band = 400
      const told = (spreadUm: number) => {
        const middle = Array.from({ length: Number(count) - 2 }, () => 0)
        const readings = [-spreadUm / 2, spreadUm / 2, ...middle].map((v, i) => ({
          at: String(i),
          valueMm: 62 + (band / 2 + v) / 1000,
        }))
        return judgeSeat(readings, 62, { lower: 0, upper: band }, 'housing', instrument)
      }
      const allowed = band / 2 + factor * repeatsUm
      expect(told(allowed - 0.1).verdict, count).toBe('good')
      expect(told(allowed + 0.1).why, count).toMatch(/^Out of round by/)
    }
  })
  it('worn over its limit: the fit is lost', () =>
    expect(housing(55, 56, 54, 58)).toMatchObject({ verdict: 'replace' }))
  it('out of round or tapered by more than half its tolerance: doubtful, with the figures', () => {
    expect(housing(2, 20, 3, 22)).toMatchObject({ verdict: 'doubtful', outOfRound: expect.closeTo(20, 3) })
    expect(housing(4, 5, 4, 5, 24, 25, 24, 25)).toMatchObject({
      verdict: 'doubtful',
      taper: expect.closeTo(20, 3),
    })
  })
  it('a shaft wears the other way', () =>
    expect(judgeSeat([{ at: '12', valueMm: 24.96 }], 25, { lower: 2, upper: 11 }, 'shaft').verdict).toBe(
      'replace',
    ))
})
