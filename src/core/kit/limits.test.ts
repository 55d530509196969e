import { describe, expect, it } from 'vitest'
import { shipped, shippedKnowledge } from '../../../tests/support/shipped'
import { findSeals, wearSleeves } from '../seals'
import { arrangementOf, goesWith, proposeKit, type KitRequest } from '.'

/** Every named limit of a kit, just inside and just outside (the limits: common practice). A changed constant fails here. */

const propose = (code: string, request: Partial<KitRequest>) =>
  proposeKit(arrangementOf(code), { positions: 1, parts: {}, sizes: {}, ...request }, shippedKnowledge)
const SETS = { innerBearing: 'L68149/L68110', outerBearing: 'LM12749/LM12710' }
const verdictOf = (request: Partial<KitRequest>, message: RegExp, code = 'A1') =>
  propose(code, request).checks.find((c) => message.test(c.title))?.result ?? 'nothing to say'
const fits = (shaft: number, housing: number, width?: number) =>
  findSeals(shipped.catalogue, { shaft, housing, width }).fits.some(({ part }) => part.base === '35x52x7')

describe('a seal 35x52x7', () => {
  it.each([
    ['worn journal', [34.81, 52], [34.79, 52]],
    ['thick journal', [35.09, 52], [35.11, 52]],
    ['wide counterbore', [35, 52.14], [35, 52.16]],
    ['tight counterbore', [35, 51.86], [35, 51.84]],
  ] as const)('%s', (_, [a, b], [c, d]) => expect([fits(a, b), fits(c, d)]).toEqual([true, false]))
  it.each([
    ['shallow room', 6.91, 6.89],
    ['deep room', 8.49, 8.51],
  ])('%s', (_, inside, outside) =>
    expect([fits(35, 52, inside), fits(35, 52, outside)]).toEqual([true, false]),
  )
})

describe('sleeves over a grooved journal', () => {
  const made = (shaft: number) =>
    wearSleeves(shipped.catalogue, { shaft, housing: 52 }).some((s) => s.kind === 'made' && s.runsOnMm === 38)
  it.each([
    ['thinnest wall that is turned, 1.5 mm', 34.99, 35.01],
    ['thickest, 5 mm', 28.01, 27.99],
  ])('%s', (_, inside, outside) => expect([made(inside), made(outside)]).toEqual([true, false]))
  it('a thin one adds its wall twice', () => {
    const [thin] = wearSleeves(shipped.catalogue, { shaft: 35, housing: 52, width: 8 })
    expect(thin?.runsOnMm).toBeCloseTo(35.56, 6)
  })
})

type Case = [
  limit: string,
  code: string,
  message: RegExp,
  of: (value: number) => Partial<KitRequest>,
  inside: [number, string],
  outside: [number, string],
]
const CASES: Case[] = [
  [
    'shaft off its nominal size',
    'B1',
    /does not fit the shaft/,
    (mm) => ({ parts: { bearing: '6203-2RS' }, sizes: { shaft: mm } }),
    [17.25, 'nothing to say'],
    [17.251, 'fail'],
  ],
  [
    'bore off its nominal size',
    'B1',
    /does not fit the bore/,
    (mm) => ({ parts: { bearing: '6203-2RS' }, sizes: { housing: mm } }),
    [39.75, 'nothing to say'],
    [39.749, 'fail'],
  ],
  [
    'cap wider than the hub mouth',
    'A1',
    /hub mouth/,
    (mm) => ({ parts: { ...SETS, cap: 'dust cap 1.781 in' }, sizes: { hubMouth: 45.2374 - mm } }),
    [0.4, 'pass'],
    [0.401, 'fail'],
  ],
  [
    'cap narrower than the hub mouth',
    'A1',
    /hub mouth/,
    (mm) => ({ parts: { ...SETS, cap: 'dust cap 1.781 in' }, sizes: { hubMouth: 45.2374 + mm } }),
    [0.4, 'pass'],
    [0.401, 'fail'],
  ],
  [
    'thread through the outer cone',
    'A1',
    /does not pass over/,
    (mm) => ({
      parts: {
        innerBearing: '25 x 52 x 16',
        outerBearing: `${19.05 - mm} x 45 x 15`,
        castleNut: 'castle nut 3/4-16',
      },
    }),
    [0.1, 'nothing to say'],
    [0.101, 'fail'],
  ],
  [
    'washer of another thread',
    'A1',
    /of two spindles/,
    (mm) => ({
      parts: { ...SETS, castleNut: 'keep', washer: 'tab washer 3/4 spindle' },
      thread: `M${(19.05 + mm).toFixed(3)}x1.5`,
    }),
    [0.3, 'nothing to say'],
    [0.301, 'fail'],
  ],
  [
    'seal smaller than the cone before it',
    'A1',
    /too small for the spindle/,
    (mm) => ({ parts: { ...SETS, seal: `${(34.989 - mm).toFixed(3)} x 62 x 8 mm` } }),
    [0.2, 'nothing to say'],
    [0.202, 'fail'],
  ],
  [
    'seal smaller than the cup behind it',
    'A1',
    /smaller than the cup/,
    (mm) => ({ parts: { ...SETS, seal: `42 x ${(59.131 - mm).toFixed(3)} x 8` } }),
    [0.5, 'nothing to say'],
    [0.501, 'warn'],
  ],
  [
    'one slot of the nut',
    'A1',
    /One slot of the nut/,
    (mm) => ({ parts: { ...SETS, castleNut: 'keep' }, thread: `M20x${mm * 6}` }),
    [0.25, 'pass'],
    [0.252, 'warn'],
  ],
  // 30206: B 16, T 17.25; 30205: B 15, T 16.25; collar 40: play = 37.5 − seats.
  [
    'least play over a collar',
    'A3',
    /collar/,
    (mm) => ({
      parts: { innerBearing: '30206', outerBearing: '30205' },
      sizes: { spacerLength: 40, seatDistance: 37.5 - mm },
    }),
    [0.025, 'pass'],
    [0.024, 'warn'],
  ],
  [
    'most play over a collar',
    'A3',
    /collar/,
    (mm) => ({
      parts: { innerBearing: '30206', outerBearing: '30205' },
      sizes: { spacerLength: 40, seatDistance: 37.5 - mm },
    }),
    [0.25, 'pass'],
    [0.251, 'warn'],
  ],
  [
    'preload over a collar',
    'A3',
    /collar/,
    (mm) => ({
      parts: { innerBearing: '30206', outerBearing: '30205' },
      sizes: { spacerLength: 40, seatDistance: 37.5 - mm },
    }),
    [0, 'warn'],
    [-0.001, 'fail'],
  ],
]

describe('checks of a kit', () => {
  it.each(CASES)('%s', (_, code, title, of, inside, outside) => {
    expect([verdictOf(of(inside[0]), title, code), verdictOf(of(outside[0]), title, code)]).toEqual([
      inside[1],
      outside[1],
    ])
  })
})

describe('what proposes a part shares the limit with what checks it', () => {
  const cap = (mouth: number) =>
    propose('A1', { parts: SETS, sizes: { hubMouth: mouth } }).lines.find((l) => l.slot === 'cap')
      ?.designation
  it('a cap', () => expect([cap(45.2374 - 0.4), cap(45.2374 - 0.401)]).toEqual(['dust cap 1.781 in', '']))
  it('a cotter pin reaches over the nut by its two legs: 28.575 across flats and 6 mm (ISO 1234 lengths)', () => {
    const pins = shipped.catalogue.parts.flatMap((p) =>
      p.hardware?.what === 'cotterPin' && !p.hardware.inch ? [p.hardware] : [],
    )
    const nuts = shipped.catalogue.parts.flatMap((p) =>
      p.hardware?.what === 'castleNut' ? [p.hardware] : [],
    )
    expect(nuts.length).toBeGreaterThan(5)
    for (const nut of nuts) {
      const line = propose('A1', {
        parts: { innerBearing: '33 x 72 x 19', outerBearing: '33 x 72 x 19' },
        thread: nut.thread,
      }).lines.find((l) => l.slot === 'cotterPin')
      const wanted = pins
        .filter(
          (p) =>
            nut.threadMm > p.threadOverMm &&
            nut.threadMm <= p.threadToMm &&
            p.lengthMm >= nut.acrossFlatsMm + 6,
        )
        .map((p) => p.lengthMm)
        .sort((a, b) => a - b)[0]
      expect(line?.designation.endsWith(`x${wanted}`) ?? wanted === undefined, nut.thread).toBe(
        wanted !== undefined,
      )
    }
  })
  it('a driver is half a millimetre smaller than what it drives', () =>
    expect(propose('A1', { parts: SETS }).tools).toContainEqual(
      expect.stringMatching(/^Driver 44\.7 mm for LM12710/),
    ))
})

describe('a grease-fill cap serves a full hub only', () => {
  // Speed factor 50 000 mm/min, n·dm with dm of the larger set, L68149: (34.987 + 59.131) / 2 = 47.06 mm.
  it.each([
    ['below the factor of a full hub', { sizes: { rpm: 1062 } }, 'pass'],
    ['above it', { sizes: { rpm: 1063 } }, 'warn'],
    ['speed not known', {}, 'warn'],
    ['the shop packs hubs full', { greaseFill: 'hubFull' as const }, 'pass'],
  ])('%s', (_, more, result) => {
    const parts = { ...SETS, cap: 'grease-fill cap 1.781 in' }
    expect(verdictOf({ parts, ...more }, /grease-fill cap .* (is|needs a hub) packed full/)).toBe(result)
  })
  it.each([
    ['fittingHub', {}, 'warn'],
    ['fittingSpindle', {}, 'warn'],
    ['fittingSpindle', { greaseFill: 'hubFull' as const }, 'pass'],
  ])('so does a %s %j', (slot, more, result) =>
    expect(verdictOf({ parts: { ...SETS, [slot]: 'keep' }, ...more }, /fitting .* packed full/)).toBe(result),
  )
  it('a dust cap asks nothing of the grease', () =>
    expect(verdictOf({ parts: { ...SETS, cap: 'dust cap 1.781 in' } }, /packed full/)).toBe('nothing to say'))
})

describe('bearings of one axle', () => {
  const checksFor = (parts: KitRequest['parts'], code = 'B1', more: Partial<KitRequest> = {}) =>
    propose(code, { parts, ...more }).checks.map(({ result, title, detail }) => [result, title, detail])
  it('one that is open is enough to be told, by its number', () => {
    expect(checksFor({ bearingLeft: '6204-2RS', bearingRight: '6204' })[0]).toEqual([
      'warn',
      'A bearing is not closed on both sides',
      '6204: this arrangement keeps no grease around it. Take the type with two contact seals.',
    ])
    expect(checksFor({ bearingLeft: '6204Z', bearingRight: '6204' })[0]?.[2]).toMatch(/^6204Z and 6204:/)
  })
  it('left and right that differ, and alike ones counted', () => {
    expect(checksFor({ bearingLeft: '6204-2RS', bearingRight: '6205-2RS' })[0]?.[1]).toBe(
      'Left and right bearings differ',
    )
    expect(checksFor({ bearingLeft: '6204-2RS', bearingRight: '6204-2RS' })[0]).toEqual([
      'pass',
      'Both bearings alike and closed',
      '2 × 6204-2RS. All of one position are replaced together.',
    ])
    expect(checksFor({ bearingLeft: '6204-2RS', bearingRight: '6204-2Z' })[0]).toEqual([
      'warn',
      'Left and right bearings are closed differently',
      '6204-2RS and 6204-2Z: the same size. Take the better closed one for both, unless one side is meant to be open.',
    ])
    expect(checksFor({ bearing: '6204-2RS' }, 'B2')[0]?.slice(1)).toEqual([
      '3 bearings in one position',
      '3 × 6204-2RS. All of one position are replaced together.',
    ])
    const cassette = checksFor({ shellLeft: '6903-2RS', carrierInner: '6803-2RS' }, 'B3')
    expect(cassette.find(([, title]) => title === '5 bearings in one position')?.[2]).toMatch(
      /^2 × 6903-2RS, 3 × 6803-2RS\./,
    )
  })
  it('a finding that one place answers is answered, one that none does is told', () => {
    const groove = (code: string, parts: KitRequest['parts']) =>
      checksFor(parts, code, { findings: ['collarGrooved'] }).find(([, title]) => title?.startsWith('Found:'))
    expect(groove('B1', { bearing: '6204-2RS' })?.[0]).toBe('pass')
    expect(groove('B1', { bearing: '6204-2RS' })?.[2]).toMatch(/^Adds: /)
    expect(groove('C1', { bearing: '6204-2RS' })?.[2]).toMatch(/^No place of this arrangement answers it/)
    expect(groove('C1', { bearing: '6204-2RS' })?.slice(0, 1)).toEqual(['warn'])
    // One place alone answers it here.
    expect(
      checksFor(SETS, 'A1', { findings: ['journalGrooved'] }).find(([, title]) =>
        title?.startsWith('Found:'),
      )?.[0],
    ).toBe('pass')
  })
})

it('what else may stand in a place is every other one that fits, without the one that is taken', () => {
  const line = (sizes: KitRequest['sizes'], slot: string) =>
    propose('A1', { parts: SETS, sizes, thread: '3/4-16' }).lines.find((l) => l.slot === slot)
  expect(line({}, 'washer')).toMatchObject({
    designation: 'tab washer 3/4 spindle',
    alternatives: ['D washer 3/4 spindle'],
  })
  // A hub mouth between caps: one is taken, the others stay to choose.
  const { alternatives = [], designation } = line({ hubMouth: 45.6 }, 'cap') ?? {}
  expect(alternatives).not.toContain(designation)
  expect([designation, ...alternatives]).toEqual(
    expect.arrayContaining(['dust cap 1.781 in', 'dust cap 1.810 in']),
  )
})

it('what goes with hardware is eight at most, of pins four; of a seal that is not listed the three nearest are told', () => {
  const { catalogue } = shipped
  const all = catalogue.parts
    .filter(({ piece }) => piece === 'hardware')
    .map((part) => goesWith(part, catalogue))
  expect(Math.max(...all.map((found) => found.length))).toBe(8)
  const pins = all.map((found) => found.filter(({ label }) => label === 'cotter pin').length)
  expect(Math.max(...pins)).toBe(4)
  const seal = propose('B1', { sizes: { sealShaft: 33.5, sealHousing: 52 } }).lines.find(
    (l) => l.slot === 'sealLeft',
  )
  expect(seal?.state).toBe('gap')
  expect(seal?.alternatives?.length).toBe(3)
})
