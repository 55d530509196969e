import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { DAMAGE } from '../inspect'
import {
  calibration,
  causesOf,
  closureGroup,
  compareLives,
  medianDays,
  recheckDay,
  survival,
  wearTrend,
  wilson,
  type Life,
} from '.'

// Remission of acute leukaemia, Freireich and others 1963, the worked example of Kalbfleisch and Prentice, "The Statistical
// Analysis of Failure Time Data": weeks, + = still in remission.
const lives = (text: string): Life[] =>
  text.split(' ').map((week) => ({ days: parseInt(week), ended: !week.endsWith('+') }))
const TREATED = lives('6 6 6 6+ 7 9+ 10 10+ 11+ 13 16 17+ 19+ 20+ 22 23 25+ 32+ 32+ 34+ 35+')
const UNTREATED = lives('1 1 2 2 3 4 4 5 5 8 8 8 8 11 11 12 12 15 17 22 23')

describe('share still in service', () => {
  it('is the published estimate, with what still runs counted as long as it ran', () => {
    const steps = survival(TREATED)
    expect(steps.map(({ days, atRisk, share }) => [days, atRisk, Number(share.toFixed(3))])).toEqual([
      [6, 21, 0.857],
      [7, 17, 0.807],
      [10, 15, 0.753],
      [13, 12, 0.69],
      [16, 11, 0.627],
      [22, 7, 0.538],
      [23, 6, 0.448],
    ])
    expect(medianDays(steps)).toBe(23)
    expect(medianDays(survival(UNTREATED))).toBe(8)
  })

  it('has the published limits on the scale of ln(-ln S)', () => {
    // Same data, 95 % limits of the log-log kind as statistical packages print them for 10 weeks: 0.503 to 0.889.
    const at10 = survival(TREATED).find(({ days }) => days === 10)
    expect(at10?.lower).toBeCloseTo(0.503, 2)
    expect(at10?.upper).toBeCloseTo(0.889, 2)
  })

  it('without anything still running is the share left over, and counts are as good as a list', () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 0, max: 400 }), { minLength: 1, maxLength: 60 }), (days) => {
        const steps = survival(days.map((d) => ({ days: d, ended: true })))
        for (const { days: at, share, lower, upper } of steps) {
          expect(share).toBeCloseTo(days.filter((d) => d > at).length / days.length, 9)
          expect(lower).toBeLessThanOrEqual(share)
          expect(upper).toBeGreaterThanOrEqual(share)
        }
        expect(survival(days.map((d) => ({ days: d, ended: true, count: 2 }))).map((s) => s.share)).toEqual(
          steps.map((s) => expect.closeTo(s.share, 9) as number),
        )
      }),
    )
  })

  it('says nothing of parts that all still run', () => {
    expect(survival([{ days: 5, ended: false }])).toEqual([])
    expect(medianDays([])).toBeNull()
  })
})

describe('two groups compared', () => {
  it('is the published log-rank test', () => {
    // Expected 19.25 and 10.75, chi-squared 16.79 (same source).
    const compared = compareLives(TREATED, UNTREATED)
    expect(compared?.expected).toBeCloseTo(19.25, 2)
    expect(compared?.otherExpected).toBeCloseTo(10.75, 2)
    expect(compared?.chiSquared).toBeCloseTo(16.79, 2)
    expect(compared?.ratio).toBeLessThan(compared?.upper ?? 0)
    expect(compared?.upper).toBeLessThan(1)
  })

  it('is too few below the least number in either group', () => {
    const few = (count: number): Life[] => [
      { days: 10, ended: true, count },
      { days: 20, ended: false, count: 50 },
    ]
    expect(compareLives(few(4), few(50))).toBeNull()
    expect(compareLives(few(50), few(4))).toBeNull()
    expect(compareLives(few(5), few(5))?.ratio).toBeCloseTo(1, 9)
  })

  it('turned round is one over the ratio', () => {
    const [one, other] = [compareLives(TREATED, UNTREATED), compareLives(UNTREATED, TREATED)]
    expect((one?.ratio ?? 0) * (other?.ratio ?? 0)).toBeCloseTo(1, 9)
    expect(one?.chiSquared).toBeCloseTo(other?.chiSquared ?? 0, 9)
  })
})

describe('wear of a seat', () => {
  const yearly = (first: number, step: number, years: number) =>
    Array.from({ length: years }, (_, i) => ({ on: `${2020 + i}-01-01`, mm: first + i * step }))

  it('finds a straight line exactly, and the day it meets the limit', () => {
    const trend = wearTrend(yearly(52, 0.01, 5), 52.06)
    expect(trend?.perYearMm).toBeCloseTo(0.01, 4)
    expect(trend?.limitOn?.slice(0, 7)).toMatch(/^2025-12|^2026-01/)
  })

  it('has the limits of a worked least-squares line', () => {
    // x 0 1 2 3, y 1 3 2 5: slope 1.1, residual 2.7, standard error sqrt(2.7 / 2 / 5) = 0.5196, t(2) = 4.303.
    const trend = wearTrend(
      [1, 3, 2, 5].map((mm, i) => ({ on: new Date((30 + i) * 365.25 * 86_400_000).toISOString(), mm })),
      null,
    )
    expect(trend?.perYearMm).toBeCloseTo(1.1, 9)
    expect(trend?.upperMm).toBeCloseTo(1.1 + 4.303 * 0.5196, 3)
    expect(trend?.lowerMm).toBeCloseTo(1.1 - 4.303 * 0.5196, 3)
  })

  it('needs three measurements, and looks twenty years ahead at most', () => {
    expect(wearTrend(yearly(52, 0.01, 3), 52.1)?.limitOn?.slice(0, 4)).toBe('2030')
    // The last of five is of 2024 and 52.04 mm.
    expect(wearTrend(yearly(52, 0.01, 5), 52.04 + 0.199)?.limitOn).not.toBeNull()
    expect(wearTrend(yearly(52, 0.01, 5), 52.04 + 0.201)?.limitOn).toBeNull()
  })

  it('says nothing with too few, all on one day, past the limit or going away from it', () => {
    expect(wearTrend(yearly(52, 0.01, 2), 53)).toBeNull()
    expect(
      wearTrend(
        [1, 2, 3].map((mm) => ({ on: '2026-05-01', mm })),
        53,
      ),
    ).toBeNull()
    expect(wearTrend(yearly(52, 0.01, 4), 52.01)?.limitOn).toBeNull()
    expect(wearTrend(yearly(52, -0.01, 4), 52.5)?.limitOn).toBeNull()
    expect(wearTrend(yearly(52, 0.001, 4), 53)?.limitOn).toBeNull()
  })
})

it.each([
  ['2026-05-01', 200, 40, '2026-05-06'],
  ['2026-05-01', 50, 40, '2026-05-03'],
  ['2026-05-01', 1, 40, '2026-05-02'],
  ['2026-12-30', 5, 1, '2027-01-04'],
])('fitted %s, after %d at %d a day: %s', (from, amount, perDay, day) =>
  expect(recheckDay(from, amount, perDay)).toBe(day),
)

it('every finding counts as one, whatever it points to', () => {
  const shares = causesOf(DAMAGE.map(({ id }) => ({ damage: id, count: 3 })))
  expect(shares.reduce((sum, { findings }) => sum + findings, 0)).toBeCloseTo(3 * DAMAGE.length, 9)
  expect(causesOf([{ damage: 'none such', count: 3 }])).toEqual([])
  expect(causesOf([{ damage: 'corrosion', count: 2 }])[0]?.id).toBe('water')
})

it('groups by closure only what is made open and closed', () => {
  const of = (sides: 0 | 1 | 2, type: 'open' | 'shield' | 'contactSeal' | 'lowFrictionSeal') =>
    closureGroup({ family: 'deep-groove', closure: { sides, type } })
  expect([of(0, 'open'), of(2, 'shield'), of(1, 'contactSeal'), of(2, 'lowFrictionSeal')]).toEqual([
    'open',
    'shielded',
    'oneSeal',
    'twoSeals',
  ])
  expect(closureGroup({ family: 'tapered-inch', closure: { sides: 0, type: 'open' } })).toBeNull()
})

describe('how sure identification was', () => {
  // Newcombe 1998, "Two-sided confidence intervals for the single proportion", Statistics in Medicine 17, table I, method 3
  // (score, no continuity correction); figures from memory.
  it.each([
    [81, 263, 0.2553, 0.3662],
    [15, 148, 0.0624, 0.1605],
    [0, 20, 0, 0.1611],
    [1, 29, 0.0061, 0.1718],
  ])('%i of %i has the published limits', (right, count, lower, upper) => {
    const share = wilson(right, count)
    expect([share.lower, share.upper]).toEqual([expect.closeTo(lower, 4), expect.closeTo(upper, 4)])
  })

  it('every answer stands in one band, at the ends too; few of them say nothing', () => {
    const at = (probability: number, right: boolean, count: number) => ({ probability, right, count })
    const bands = calibration([
      at(0.5, true, 3),
      at(0.79, false, 4),
      at(0.8, true, 8),
      at(1, true, 9),
      at(0.99, false, 1),
    ])
    expect(bands.map(({ from, count, right }) => [from, count, right])).toEqual([
      [0.5, 7, 3],
      [0.8, 8, 8],
      [0.99, 10, 9],
    ])
    expect(bands.map(({ share }) => share?.value ?? null)).toEqual([null, 1, 0.9])
    expect(bands[0]?.said).toBeCloseTo((0.5 * 3 + 0.79 * 4) / 7, 12)
  })

  it('limits hold the share and stay between none and all (any counts)', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 10_000 }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        (count, part) => {
          const { value, lower, upper } = wilson(Math.round(part * count), count)
          expect(lower).toBeGreaterThanOrEqual(0)
          expect(upper).toBeLessThanOrEqual(1)
          expect(lower).toBeLessThanOrEqual(value + 1e-12)
          expect(upper).toBeGreaterThanOrEqual(value - 1e-12)
        },
      ),
    )
  })
})
