import { describe, expect, it } from 'vitest'
import { judgeSeat } from './judgeSeat'
import { mountingTools } from './mountingTools'

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
      const result = (spreadUm: number) => {
        const middle = Array.from({ length: Number(count) - 2 }, () => 0)
        const readings = [-spreadUm / 2, spreadUm / 2, ...middle].map((v, i) => ({
          at: String(i),
          valueMm: 62 + (band / 2 + v) / 1000,
        }))
        return judgeSeat(readings, 62, { lower: 0, upper: band }, 'housing', instrument)
      }
      const allowed = band / 2 + factor * repeatsUm
      expect(result(allowed - 0.1).verdict, count).toBe('good')
      expect(result(allowed + 0.1).why, count).toMatch(/^Out of round by/)
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

  // A micrometer is good to 4 µm (one deviation): a seat is lost beyond half its band and twice that.
  it('lost beyond half the band and what the instrument may be off, not before', () => {
    expect(housing(30 + 15 + 8 - 0.1).verdict).toBe('doubtful')
    expect(housing(30 + 15 + 8 + 0.1)).toMatchObject({
      verdict: 'replace',
      why: expect.stringMatching(/^Worn 23 µm/),
    })
    const one = (um: number, instrument: 'micrometer' | 'digitalCaliper') =>
      judgeSeat([{ at: '12', valueMm: 62 + um / 1000 }], 62, H7, 'housing', instrument).verdict
    expect([one(30 + 15 + 39, 'digitalCaliper'), one(30 + 15 + 41, 'digitalCaliper')]).toEqual([
      'doubtful',
      'replace',
    ])
  })
  describe('one reading beside the others, of a class 9 µm wide', () => {
    const shaft = (...um: number[]) =>
      judgeSeat(
        um.map((v, i) => ({ at: String(i), valueMm: 25 + v / 1000 })),
        25,
        { lower: 2, upper: 11 },
        'shaft',
      )
    const narrow = (...um: number[]) =>
      judgeSeat(
        um.map((v, i) => ({ at: String(i), valueMm: 62 + v / 1000 })),
        62,
        { lower: 0, upper: 9 },
        'housing',
      )
    // Four readings scatter over 3.63 µm by themselves: 12.63 with the band.
    it.each([
      ['shaft', () => shaft(11, 11, 11, -2), /^One reading departs 13 µm/],
      ['shaft, less', () => shaft(11, 11, 11, -1), /^Out of round by 12 µm\. Clean/],
      ['housing', () => narrow(-2, -2, -2, 11), /^One reading departs 13 µm/],
      ['housing, less', () => narrow(0, 0, 0, 12), /^Out of round by 12 µm\. Clean/],
      ['of three nobody can tell which it is', () => shaft(11, 11, -2), /^Out of round by 13 µm, more than/],
    ] as const)('%s', (_, result, why) => expect(result().why).toMatch(why))
  })
  it('nine readings and more scatter as eight do: 4.29 µm of a micrometer', () => {
    const result = (spreadUm: number) =>
      housing(...Array.from({ length: 4 }, () => 15)).verdict === 'good' &&
      judgeSeat(
        Array.from({ length: 12 }, (_, i) => ({
          at: String(i),
          valueMm: 62 + (15 + (i === 0 ? -spreadUm / 2 : i === 1 ? spreadUm / 2 : 0)) / 1000,
        })),
        62,
        H7,
        'housing',
      ).verdict
    expect([result(15 + 4.29 - 0.1), result(15 + 4.29 + 0.1)]).toEqual(['good', 'doubtful'])
  })
  it('the mean is that of all readings', () => expect(housing(10, 12, 14, 16).mean).toBeCloseTo(13, 6))
})

// ISO 898-1: stress areas of coarse threads; half of 225 MPa is what a plain rod of class 4.6 is drawn with here.
it.each([
  ['M8', 8, 36.6],
  ['M10', 10, 58],
  ['M12', 12, 84.3],
  ['M16', 16, 157],
  ['M20', 20, 245],
  ['M24', 24, 353],
] as const)('%s goes through a bore larger than %i mm and draws its half strength', (thread, size, area) => {
  const rod = (bore: number, forceKn: number) => mountingTools('outer', bore, 100, forceKn).rod?.thread
  const most = (area * 112) / 1000
  expect(rod(size + 0.1, most - 0.01)).toBe(thread)
  expect(rod(size + 0.1, most + 0.01)).toBeUndefined()
  expect(rod(size, most - 0.01)).not.toBe(thread)
  expect(mountingTools('inner', size + 0.1, 100, most - 0.01).rod).toBeNull()
})
