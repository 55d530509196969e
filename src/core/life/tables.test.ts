import { describe, expect, it } from 'vitest'
import { findPart } from '../catalogue'
import { shipped } from '../../../tests/support/shipped'
import { ballRating } from './ballRating'
import { estimatedRating, taperedRatingBySizes, usualBalls } from './estimatedRating'
import { equivalentLoad } from './loadRule'
import { RELIABILITY } from './ratingLife'
import { f0Of, ruleOfKind } from './ruleOfKind'
import { speedLimitOf } from './speedFactor'
import { usualLimit } from './usualLimits'

/**
 * Whole tables of standards and handbooks, recalled a second time apart from those of the program, in another form. From
 * memory both times: this guards against slips of the pen and against changes, not against a wrong memory.
 */
const part = (base: string) => {
  const found = findPart(shipped.catalogue, base)
  if (!found) throw new Error(`${base} is not listed`)
  return found
}

// ISO 281 table 3, ISO 76 tables 1 and 2.
describe('factors of loads', () => {
  /** e, and Y beyond it, of a bearing under a load ratio. */
  const factorsAt = (table: 'radialContact' | 'fifteenDegrees', relative: number) => {
    const rule = { by: 'axialShare', table, f0: 1, atRest: { x: 0.6, y: 0.5 } } as const
    const { counted } = equivalentLoad(rule, { radialKn: 0, axialKn: relative }, 1)
    return [counted?.e, counted?.x, counted?.y]
  }
  it.each([
    [
      'radialContact',
      0.56,
      '0.172/0.19/2.30 0.345/0.22/1.99 0.689/0.26/1.71 1.03/0.28/1.55 1.38/0.30/1.45 2.07/0.34/1.31 3.45/0.38/1.15 5.17/0.42/1.04 6.89/0.44/1.00',
    ],
    [
      'fifteenDegrees',
      0.44,
      '0.178/0.38/1.47 0.357/0.40/1.40 0.714/0.43/1.30 1.07/0.46/1.23 1.43/0.47/1.19 2.14/0.50/1.12 3.57/0.55/1.02 5.35/0.56/1.00 7.14/0.56/1.00',
    ],
  ] as const)('e and Y of %s', (table, x, rows) => {
    for (const row of rows.split(' ')) {
      const [relative = NaN, e, y] = row.split('/').map(Number)
      expect(factorsAt(table, relative), row).toEqual([e, x, y])
    }
  })
  it.each([
    [20, 0.57, 0.43, 1, 1.09, 0.7, 1.63, 0.42],
    [25, 0.68, 0.41, 0.87, 0.92, 0.67, 1.41, 0.38],
    [30, 0.8, 0.39, 0.76, 0.78, 0.63, 1.24, 0.33],
    [35, 0.95, 0.37, 0.66, 0.66, 0.6, 1.07, 0.29],
    [40, 1.14, 0.35, 0.57, 0.55, 0.57, 0.93, 0.26],
  ])('angular contact, %i°', (contactAngle, e, x1, y1, yWithin, x2, y2, y0) => {
    const rule = (base: string) => {
      const answer = ruleOfKind(part(base), { contactAngle })
      return answer.ok ? answer.value.rule : null
    }
    expect(rule('7205')).toMatchObject({
      e,
      within: { x: 1, y: 0 },
      beyond: { x: x1, y: y1 },
      atRest: { x: 0.5, y: y0 },
    })
    expect(rule('3205')).toMatchObject({
      e,
      within: { x: 1, y: yWithin },
      beyond: { x: x2, y: y2 },
      atRest: { x: 1, y: 2 * y0 },
    })
  })
  it('f0 by ball over pitch circle', () => {
    const table =
      '14.7 14.9 15.1 15.3 15.5 15.7 15.9 16.1 16.3 16.5 16.4 16.1 15.9 15.6 15.4 15.2 14.9 14.7 14.4 14.2 14.0 13.7 13.5 13.2 13.0 12.8 12.5 12.3 12.1 11.8 11.6 11.4 11.2 10.9 10.7 10.5 10.3 10.0 9.8 9.6 9.4'
    table.split(' ').forEach((f0, i) => expect(f0Of(i / 100)).toBeCloseTo(Number(f0), 6))
  })
  it('fc by ball over pitch circle: C = 1.3 · fc for one ball of 1 mm (ISO 281 table 2)', () => {
    const table: Record<string, number> = {
      0.05: 46.7,
      0.06: 49.1,
      0.07: 51.1,
      0.08: 52.8,
      0.09: 54.3,
      0.1: 55.5,
      0.12: 57.5,
      0.14: 58.8,
      0.16: 59.6,
      0.18: 59.9,
      0.2: 59.9,
      0.22: 59.6,
      0.24: 59,
      0.26: 58.2,
      0.28: 57.1,
      0.3: 56,
    }
    for (const [ratio, fc] of Object.entries(table)) {
      if (ratio === '0.05') continue
      expect(((ballRating(1, 1, 1 / Number(ratio))?.cKn ?? 0) * 1000) / 1.3, ratio).toBeCloseTo(fc, 6)
    }
    // The first row is reached from above only.
    expect(((ballRating(1, 1, 1 / 0.0501)?.cKn ?? 0) * 1000) / 1.3).toBeCloseTo(46.7 + 2.4 / 100, 3)
  })
})

// Limits e by number, as handbooks print them for each size (typical values).
it.each([
  '1200/.33 1201/.33 1202/.33 1203/.31 1204/.30 1205/.28 1206/.25 1207/.23 1208/.22 1209/.21 1210/.21 1211/.20 1212/.19 1213/.18',
  '2200/.54 2201/.50 2202/.43 2203/.43 2204/.40 2205/.35 2206/.33 2207/.31 2208/.28 2209/.26 2210/.24 2211/.24',
  '1301/.35 1303/.30 1304/.28 1305/.28 1306/.25 1307/.25 1308/.23 2304/.51 2305/.45 2307/.45 2308/.41',
  '21305/.29 21306/.27 21307/.27 21308/.23 22205/.35 22206/.31 22207/.31 22208/.28 22209/.26 22210/.24 22213/.24',
  '22214/.22 22216/.22 22217/.25 22308/.37 22310/.37 22311/.35 23022/.23 23122/.30 23222/.34 24024/.31 24124/.38',
  '30203/.35 30204/.35 30205/.37 30207/.37 30208/.37 30209/.40 30210/.42 30302/.28 30303/.28 30304/.30 30305/.30',
  '30306/.31 30307/.31 30308/.35 31305/.83 31310/.83 32004/.37 32005/.43 32006/.43 32007/.46 32008/.37 32009/.40',
  '32010/.43 32011/.40 32012/.43 32013/.46 32206/.37 32208/.37 32209/.40 32210/.42 32305/.30 32307/.31 32308/.35',
  '33205/.35 33206/.35 33207/.40 33007/.29 33010/.28',
  'L44643/L44610=.37 L44649/L44610=.37 L45449/L45410=.37 LM11749/LM11710=.29 LM11949/LM11910=.30 LM12749/LM12710=.31',
  'L68149/L68111=.42 LM67048/LM67010=.41 LM48548/LM48510=.38 LM29749/LM29710=.33 LM501349/LM501310=.40',
  'LM603049/LM603011=.43 LM104949/LM104911=.31 HM88649/HM88610=.55 M12649/M12610=.28 25580/25520=.33',
  '14125A/14276=.38 02475/02420=.42 387A/382A=.35',
])('limits e: %s', (row) => {
  for (const item of row.split(' ')) {
    const [, base = '', e] = /^(.*)[/=](\.\d+)$/.exec(item) ?? []
    const found = findPart(shipped.catalogue, base)
    if (found) expect(usualLimit(found), base).toBe(Number(e))
    else throw new Error(`${base} is not listed`)
  }
})

it('between two rows of the table e and Y lie between; before the first they are the first', () => {
  const rule = { by: 'axialShare', table: 'radialContact', f0: 1, atRest: { x: 0.6, y: 0.5 } } as const
  const at = (relative: number) => equivalentLoad(rule, { radialKn: 0, axialKn: relative }, 1).counted
  expect(at((0.172 + 0.345) / 2)?.e).toBeCloseTo(0.205, 9)
  expect(at((0.172 + 0.345) / 2)?.y).toBeCloseTo(2.145, 9)
  expect([at(0.01)?.e, at(0.01)?.y, at(20)?.y]).toEqual([0.19, 2.3, 1])
})

it('at rest: 15° counts half the radial load and 0.46 of the axial, a pair twice that (ISO 76)', () => {
  const atRest = (base: string) => {
    const answer = ruleOfKind(part(base), { contactAngle: 15 })
    return answer.ok && 'atRest' in answer.value.rule ? answer.value.rule.atRest : null
  }
  expect(atRest('7205')).toEqual({ x: 0.5, y: 0.46 })
  expect(atRest('3205')).toEqual({ x: 1, y: 0.92 })
})

// Handbook rows from memory: turns a minute with grease on a mean diameter; n · dm of the kind.
it.each([
  ['deep-groove', 540],
  ['miniature', 540],
  ['inch-ball', 540],
  ['deep-groove-double-row', 380],
  ['angular-contact', 420],
  ['angular-contact-double-row', 320],
  ['self-aligning', 450],
  ['cylindrical', 450],
  ['spherical', 300],
  ['tapered-metric', 300],
  ['tapered-inch', 300],
  ['needle', 250],
  ['insert', 250],
  ['hub-unit', 250],
  ['thrust-ball', 200],
  ['thrust-ball-double', 200],
  ['cam-follower', 100],
  ['thrust-roller', 90],
  ['thrust-spherical', 150],
] as const)('%s bears n·dm of about %i thousand', (family, thousands) => {
  expect((speedLimitOf(family, 50, false) ?? 0) * 50).toBeCloseTo(thousands * 1000, 6)
})

// ISO 281:2007, life adjustment factor for reliability.
it.each([
  [90, 1],
  [95, 0.64],
  [96, 0.55],
  [97, 0.47],
  [98, 0.37],
  [99, 0.25],
])('of a hundred %i live on for %f of the rating life', (reliability, a1) => {
  expect(RELIABILITY[reliability]).toBe(a1)
  expect(Object.keys(RELIABILITY)).toHaveLength(6)
})

// ISO 76:2006 table 2, and the usual factors beside it for each kind.
describe('at rest', () => {
  const factors = (base: string, q: Parameters<typeof ruleOfKind>[1] = {}) => {
    const answer = ruleOfKind(part(base), q)
    return answer.ok && 'atRest' in answer.value.rule ? answer.value.rule.atRest : null
  }
  /** cot α of a bearing by its limit: tan α = e / 1.5. */
  const cot = (e: number) => 1.5 / e
  it.each([
    ['deep groove', '6205', {}, 0.6, 0.5],
    ['one tapered row', '30206', { e: 0.3 }, 0.5, 0.22 * cot(0.3)],
    ['two rows of barrels', '22208', { e: 0.28 }, 1, 0.44 * cot(0.28)],
    ['self-aligning balls', '1206', { e: 0.25 }, 1, 0.44 * cot(0.25)],
    ['a wheel unit, both rows', '25x52x42', { contactAngle: 40 }, 1, 0.52],
  ] as const)('%s', (_, base, q, x, y) => {
    expect(factors(base, q)?.x).toBe(x)
    expect(factors(base, q)?.y).toBeCloseTo(y, 9)
  })
  it('a wheel unit of which nobody knows the angle is asked for it', () =>
    expect(ruleOfKind(part('25x52x42'), {})).toMatchObject({
      ok: false,
      problem: { code: 'notTold', why: 'angle' },
    }))
})

// Handbook rules for flanges: Fa beside Fr within the half of it; narrow series e 0.2, Y 0.6, wide ones e 0.3, Y 0.4.
it.each([
  ['NJ205', 0.2, 0.6, false],
  ['NJ305', 0.2, 0.6, false],
  ['NJ2205', 0.3, 0.4, false],
  ['NJ2305', 0.3, 0.4, false],
  ['NUP205', 0.2, 0.6, true],
  ['NUP2205', 0.3, 0.4, true],
] as const)('flanges of %s', (base, e, y, bothWays) =>
  expect(ruleOfKind(part(base), {})).toMatchObject({
    ok: true,
    value: { rule: { by: 'flanges', e, beyond: { x: 0.92, y }, mostAxialShare: 0.5, bothWays } },
  }),
)

// Worked by hand from ISO 281 (C = bm · fc · (L · cos α)^(7/9) · Z^(3/4) · Dw^(29/27)) and ISO 76, cos α 0.97, fc 88.
it('a tapered bearing nobody has a rating of, by its sizes', () => {
  const thirty = taperedRatingBySizes(30, 62, 17.25)
  expect(thirty.cKn).toBeCloseTo(44.3006, 3)
  expect(thirty.c0Kn).toBeCloseTo(46.9721, 3)
  expect(taperedRatingBySizes(40, 80, 19.75).cKn).toBeCloseTo(62.5481, 3)
  const { bore, outside, totalWidth } = part('30206').dimensions
  expect([bore, outside, totalWidth]).toEqual([30, 62, 17.25])
  const nameless = { ...part('30206'), base: 'unlisted' }
  expect(estimatedRating(nameless)).toEqual(thirty)
  expect(estimatedRating({ ...nameless, dimensions: { bore: 30, outside: 62 } })).toBeNull()
  expect(estimatedRating({ ...part('3206'), base: 'unlisted' })).toBeNull()
  expect(estimatedRating({ ...part('51106'), base: 'unlisted' })).toBeNull()
})

it('balls nobody has counted: three tenths of the ring space, or less where the rings are narrow', () => {
  expect(usualBalls(25, 52, 15)).toEqual({ count: 8, mm: expect.closeTo(8.1, 9), circle: 38.5 })
  expect(usualBalls(40, 68, 9)).toEqual({ count: 18, mm: expect.closeTo(5.58, 9), circle: 54 })
  expect(usualBalls(40, 68)).toEqual({ count: 12, mm: expect.closeTo(8.4, 9), circle: 54 })
})

it('an angle takes cos^0.7 of the rating and cos of the rating at rest (ISO 281, ISO 76)', () => {
  // The table is asked at Dw·cos α / Dpw: balls of 10 mm at 40° on 38.30 mm are where they are at 0° on 50 mm.
  const [straight, angled] = [
    ballRating(12, 10, 50),
    ballRating(12, 10, 50 * Math.cos((40 * Math.PI) / 180), 40),
  ]
  expect((angled?.cKn ?? 0) / (straight?.cKn ?? 1)).toBeCloseTo(0.76604 ** 0.7, 4)
  expect((angled?.c0Kn ?? 0) / (straight?.c0Kn ?? 1)).toBeCloseTo(0.76604, 4)
})
