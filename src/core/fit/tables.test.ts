import { describe, expect, it } from 'vitest'
import { driveUpOf } from './driveUp'
import { heatToDropIn } from './heatToDropIn'
import { MATERIALS } from './materials'
import { mountingTools } from './mountingTools'
import { CLEARANCE_GROUPS, internalClearance } from './internalClearance'
import { ringLimits } from './ringTolerances'
import { toleranceClass } from './toleranceClass'

/**
 * Whole tables of standards and handbooks, recalled a second time apart from those of the program, in another form. From
 * memory both times: this guards against slips of the pen and against changes, not against a wrong memory.
 */
/** A size at the end of a range, and the first beyond its beginning. */
const within = (over: number, to: number): number[] => [over + 0.001, to]

// ISO 5753-1, radial internal clearance in µm: bore over–to, then least and most of each group.
describe('radial internal clearance', () => {
  const TABLES: readonly [family: string, onSleeve: boolean, groups: string, rows: string][] = [
    [
      'deep-groove',
      false,
      'C2 CN C3 C4 C5',
      `2.5-10 0-7 2-13 8-23 14-29 20-37 | 10-18 0-9 3-18 11-25 18-33 25-45 | 18-24 0-10 5-20 13-28 20-36 28-48
       24-30 1-11 5-20 13-28 23-41 30-53 | 30-40 1-11 6-20 15-33 28-46 40-64 | 40-50 1-11 6-23 18-36 30-51 45-73
       50-65 1-15 8-28 23-43 38-61 55-90 | 65-80 1-15 10-30 25-51 46-71 65-105 | 80-100 1-18 12-36 30-58 53-84 75-120
       100-120 2-20 15-41 36-66 61-97 90-140 | 120-140 2-23 18-48 41-81 71-114 105-160
       140-160 2-23 18-53 46-91 81-130 120-180 | 160-180 2-25 20-61 53-102 91-147 135-200
       180-200 2-30 25-71 63-117 107-163 150-230 | 200-225 2-35 25-85 75-140 125-195 175-265
       225-250 2-40 31-95 85-160 145-225 205-300`,
    ],
    [
      'cylindrical',
      false,
      'C2 CN C3 C4',
      `10-24 0-25 20-45 35-60 50-75 | 24-30 0-25 20-45 35-60 50-75 | 30-40 5-30 25-50 45-70 60-85
       40-50 5-35 30-60 50-80 70-100 | 50-65 10-40 40-70 60-90 80-110 | 65-80 10-45 40-75 65-100 90-125
       80-100 15-50 50-85 75-110 105-140 | 100-120 15-55 50-90 85-125 125-165 | 120-140 15-60 60-105 100-145 145-190
       140-160 20-70 70-120 115-165 165-215 | 160-180 25-75 75-125 120-170 170-220
       180-200 35-90 90-145 140-195 195-250 | 200-225 45-105 105-165 160-220 220-280
       225-250 45-110 110-175 170-235 235-300`,
    ],
    [
      'self-aligning',
      false,
      'C2 CN C3 C4',
      `2.5-6 1-8 5-15 10-20 15-25 | 6-10 2-9 6-17 12-25 19-33 | 10-14 2-10 6-19 13-26 21-35 | 14-18 3-12 8-21 15-28 23-37
       18-24 4-14 10-23 17-30 25-39 | 24-30 5-16 11-24 19-35 29-46 | 30-40 6-18 13-29 23-40 34-53
       40-50 6-19 14-31 25-44 37-57 | 50-65 7-21 16-36 30-50 45-69 | 65-80 8-24 18-40 35-60 54-83
       80-100 9-27 22-48 42-70 64-96 | 100-120 10-31 25-56 50-83 75-114 | 120-140 10-38 30-68 60-100 90-140
       140-160 15-44 35-80 70-120 110-161`,
    ],
    [
      'self-aligning',
      true,
      'C2 CN C3 C4',
      `18-24 7-17 13-26 20-33 28-42 | 24-30 9-20 15-28 23-39 33-50 | 30-40 12-24 19-35 29-46 40-59
       40-50 14-27 22-39 33-52 45-65 | 50-65 18-32 27-47 41-61 56-80 | 65-80 23-39 35-57 50-75 69-98
       80-100 29-47 42-68 62-90 84-116 | 100-120 35-56 50-81 75-108 100-139 | 120-140 40-68 60-98 90-130 120-170
       140-160 45-74 65-110 100-150 140-191`,
    ],
    [
      'spherical',
      false,
      'C2 CN C3 C4 C5',
      `14-24 10-20 20-35 35-45 45-60 60-75 | 24-30 15-25 25-40 40-55 55-75 75-95 | 30-40 15-30 30-45 45-60 60-80 80-100
       40-50 20-35 35-55 55-75 75-100 100-125 | 50-65 20-40 40-65 65-90 90-120 120-150
       65-80 30-50 50-80 80-110 110-145 145-180 | 80-100 35-60 60-100 100-135 135-180 180-225
       100-120 40-75 75-120 120-160 160-210 210-260 | 120-140 50-95 95-145 145-190 190-240 240-300
       140-160 60-110 110-170 170-220 220-280 280-350 | 160-180 65-120 120-180 180-240 240-310 310-390
       180-200 70-130 130-200 200-260 260-340 340-430 | 200-225 80-140 140-220 220-290 290-380 380-470
       225-250 90-150 150-240 240-320 320-420 420-520`,
    ],
    [
      'spherical',
      true,
      'C2 CN C3 C4 C5',
      `18-24 15-25 25-35 35-45 45-60 60-75 | 24-30 20-30 30-40 40-55 55-75 75-95 | 30-40 25-35 35-50 50-65 65-85 85-105
       40-50 30-45 45-60 60-80 80-100 100-130 | 50-65 40-55 55-75 75-95 95-120 120-160
       65-80 50-70 70-95 95-120 120-150 150-200 | 80-100 55-80 80-110 110-140 140-180 180-230
       100-120 65-100 100-135 135-170 170-220 220-280 | 120-140 80-120 120-160 160-200 200-260 260-330
       140-160 90-130 130-180 180-230 230-300 300-380 | 160-180 100-140 140-200 200-260 260-340 340-430
       180-200 110-160 160-220 220-290 290-370 370-470 | 200-225 120-180 180-250 250-320 320-410 410-520
       225-250 140-200 200-270 270-350 350-450 450-570`,
    ],
  ]
  const pair = (text: string): [number, number] => {
    const [low = NaN, high = NaN] = text.split('-').map(Number)
    return [low, high]
  }
  for (const [family, onSleeve, groups, rows] of TABLES)
    it.each(rows.split(/\s*[|\n]\s*/).map((row) => row.trim()))(
      `${family}${onSleeve ? ' with tapered bore' : ''}: %s`,
      (row) => {
        const [range = '', ...limits] = row.split(' ')
        for (const bore of within(...pair(range)))
          for (const group of CLEARANCE_GROUPS) {
            const at = groups.split(' ').indexOf(group)
            const [lower, upper] = pair(limits[at] ?? '')
            const found = internalClearance(family, group, bore, onSleeve ? 'onSleeve' : undefined)
            expect(found, `${group} of bore ${bore}`).toEqual(at < 0 ? null : { lower, upper })
          }
      },
    )
  it.each(TABLES.map(([family, onSleeve, , rows]) => [family, onSleeve, rows] as const))(
    '%s (tapered bore: %s) ends where the standard is remembered',
    (family, onSleeve, rows) => {
      const ends = [...rows.matchAll(/(?:^|[|\n])\s*[\d.]+-(\d+) /g)].map(([, to]) => Number(to))
      const last = Math.max(...ends)
      const at = (mm: number) => internalClearance(family, 'CN', mm, onSleeve ? 'onSleeve' : undefined)
      expect(at(last)).not.toBeNull()
      expect(at(last + 0.1)).toBeNull()
    },
  )
  it('nothing is said beyond the tables', () => {
    expect(internalClearance('deep-groove', 'CN', 2.5)).toBeNull()
    expect(internalClearance('deep-groove', 'CN', 250.1)).toBeNull()
    expect(internalClearance('spherical', 'CN', 18, 'onSleeve')).toBeNull()
    expect(internalClearance('tapered-metric', 'CN', 30)).toBeNull()
  })
})

// ISO 286: for each size range the class as limits, written the way tables of fits write it.
describe('tolerance classes', () => {
  const ENDS = [0, 3, 6, 10, 18, 30, 50, 80, 120, 180, 250, 315, 400, 500]
  const upper: Record<string, string> = {
    f6: '-6 -10 -13 -16 -20 -25 -30 -36 -43 -50 -56 -62 -68',
    g6: '-2 -4 -5 -6 -7 -9 -10 -12 -14 -15 -17 -18 -20',
    h4: '0 0 0 0 0 0 0 0 0 0 0 0 0',
    J6: '2 5 5 6 8 10 13 16 18 22 25 29 33',
    J7: '4 6 8 10 12 14 18 22 26 30 36 39 43',
    J8: '6 10 12 15 20 24 28 34 41 47 55 60 66',
    H4: '3 4 4 5 6 7 8 10 12 14 16 18 20',
    H5: '4 5 6 8 9 11 13 15 18 20 23 25 27',
    H6: '6 8 9 11 13 16 19 22 25 29 32 36 40',
    H7: '10 12 15 18 21 25 30 35 40 46 52 57 63',
    H8: '14 18 22 27 33 39 46 54 63 72 81 89 97',
    H9: '25 30 36 43 52 62 74 87 100 115 130 140 155',
    // Worked out by the Δ of the standard, as tables print them.
    K6: '0 2 2 2 2 3 4 4 4 5 5 7 8',
    K7: '0 3 5 6 6 7 9 10 12 13 16 17 18',
    M7: '-2 0 0 0 0 0 0 0 0 0 0 0 0',
    N7: '-4 -4 -4 -5 -7 -8 -9 -10 -12 -14 -14 -16 -17',
    P7: '-6 -8 -9 -11 -14 -17 -21 -24 -28 -33 -36 -41 -45',
  }
  const lower: Record<string, string> = {
    h6: '-6 -8 -9 -11 -13 -16 -19 -22 -25 -29 -32 -36 -40',
    h7: '-10 -12 -15 -18 -21 -25 -30 -35 -40 -46 -52 -57 -63',
    j5: '-2 -2 -2 -3 -4 -5 -7 -9 -11 -13 -16 -18 -20',
    j6: '-2 -2 -2 -3 -4 -5 -7 -9 -11 -13 -16 -18 -20',
    j7: '-4 -4 -5 -6 -8 -10 -12 -15 -18 -21 -26 -28 -32',
    k5: '0 1 1 1 2 2 2 3 3 4 4 4 5',
    m5: '2 4 6 7 8 9 11 13 15 17 20 21 23',
    n6: '4 8 10 12 15 17 20 23 27 31 34 37 40',
    p6: '6 12 15 18 22 26 32 37 43 50 56 62 68',
  }
  it.each([
    ...Object.entries(upper).map(([name, row]) => ['upper', name, row] as const),
    ...Object.entries(lower).map(([name, row]) => ['lower', name, row] as const),
  ])('%s deviation of %s', (side, name, row) => {
    row.split(' ').forEach((um, i) => {
      for (const mm of within(ENDS[i] ?? 0, ENDS[i + 1] ?? 0))
        expect(toleranceClass(name, mm)?.[side], `${name} at ${mm}`).toBeCloseTo(Number(um), 9)
    })
  })
  it('r has ranges of its own', () => {
    const ends = [
      0, 3, 6, 10, 18, 30, 50, 65, 80, 100, 120, 140, 160, 180, 200, 225, 250, 280, 315, 355, 400, 450, 500,
    ]
    '10 15 19 23 28 34 41 43 51 54 63 65 68 77 80 84 94 98 108 114 126 132'.split(' ').forEach((um, i) => {
      for (const mm of within(ends[i] ?? 0, ends[i + 1] ?? 0))
        expect(toleranceClass('r6', mm)?.lower, `r6 at ${mm}`).toBe(Number(um))
    })
  })
})

// ISO 492 and ABMA 19.2: µm below (inch tapered and inserts: above) nominal, by size.
describe('rings as made', () => {
  type Row = readonly [upTo: number, ...um: number[]]
  const bore: Row[] = [
    [10, 8, 7, 5],
    [18, 8, 7, 5],
    [30, 10, 8, 6],
    [50, 12, 10, 8],
    [80, 15, 12, 9],
    [120, 20, 15, 10],
    [180, 25, 18, 13],
    [250, 30, 22, 15],
    [315, 35, 25, 18],
    [400, 40, 30, 23],
  ]
  const outside: Row[] = [
    [18, 8, 7, 5],
    [30, 9, 8, 6],
    [50, 11, 9, 7],
    [80, 13, 11, 9],
    [120, 15, 13, 10],
    [150, 18, 15, 11],
    [180, 25, 18, 13],
    [250, 30, 20, 15],
    [315, 35, 25, 18],
    [400, 40, 28, 20],
  ]
  const rows = (table: Row[]) => table.map(([to, ...um], i) => ({ over: table[i - 1]?.[0] ?? 2.5, to, um }))
  it.each([
    ['bore', bore],
    ['outside', outside],
  ] as const)('%s of radial bearings, Normal, 6 and 5', (role, table) => {
    for (const { over, to, um } of rows(table))
      for (const mm of within(over, to))
        for (const [i, ringClass] of (['Normal', 'P6', 'P5'] as const).entries())
          expect(ringLimits(role, mm, 'ball', ringClass), `${ringClass} ${mm}`).toEqual({
            lower: -(um[i] ?? NaN),
            upper: 0,
          })
  })
  it.each([
    [
      'taperedMetric',
      'bore',
      -1,
      [
        [50, 12],
        [80, 15],
        [120, 20],
        [180, 25],
        [250, 30],
      ],
    ],
    [
      'taperedMetric',
      'outside',
      -1,
      [
        [30, 12],
        [50, 14],
        [80, 16],
        [120, 18],
        [150, 20],
        [180, 25],
        [250, 30],
      ],
    ],
    [
      'taperedInch',
      'bore',
      1,
      [
        [76.2, 13],
        [266.7, 25],
      ],
    ],
    [
      'taperedInch',
      'outside',
      1,
      [
        [304.8, 25],
        [609.6, 51],
      ],
    ],
    [
      'insert',
      'bore',
      1,
      [
        [18, 15],
        [31.75, 18],
        [50.8, 21],
        [80.962, 24],
        [120, 28],
      ],
    ],
  ] as [Parameters<typeof ringLimits>[2], 'bore' | 'outside', 1 | -1, Row[]][])(
    '%s %s',
    (kind, role, sign, table) => {
      for (const { over, to, um } of rows(table))
        for (const mm of within(over, to)) {
          const { lower, upper } = ringLimits(role, mm, kind)
          expect(
            [sign * upper, sign * lower].map(Math.abs).sort((a, b) => a - b),
            `${mm}`,
          ).toEqual([0, um[0]])
          expect(Math.sign(lower + upper)).toBe(sign)
        }
    },
  )
})

// Handbook values of spherical roller bearings on 1:12.
it('drive-up by bore', () => {
  const rows =
    '24-30/.015-.020/.30-.35 30-40/.020-.025/.35-.40 40-50/.025-.030/.40-.45 50-65/.030-.040/.45-.60 65-80/.040-.050/.60-.75 80-100/.045-.060/.70-.90 100-120/.050-.070/.75-1.10 120-140/.065-.090/1.10-1.40'
  for (const row of rows.split(' ')) {
    const [[over = 0, to = 0] = [], reduction, axial] = row
      .split('/')
      .map((range) => range.split('-').map(Number))
    for (const bore of within(over, to))
      expect(driveUpOf(bore), `${bore}`).toEqual({
        reduction: { min: reduction?.[0], max: reduction?.[1] },
        axial: { min: axial?.[0], max: axial?.[1] },
      })
  }
  expect([driveUpOf(24), driveUpOf(140.1)]).toEqual([null, null])
})

// Handbook values at room temperature: E in GPa, ν, α in 1e-6/K, ρ in g/cm³, c in kJ/(kg·K).
it.each([
  ['steel', 206, 0.3, 12, 7.85, 0.46],
  ['castIron', 110, 0.26, 10.5, 7.2, 0.5],
  ['aluminium', 70, 0.33, 23, 2.7, 0.9],
  ['magnesium', 45, 0.35, 26, 1.8, 1.02],
] as const)('%s as handbooks have it', (name, e, nu, alpha, rho, c) => {
  const { modulus, poisson, expansion, density, heatCapacity } = MATERIALS[name]
  expect([modulus / 1e3, poisson, expansion, density / 1e3, heatCapacity / 1e3]).toEqual([
    e,
    nu,
    alpha,
    rho,
    c,
  ])
})

it('a ring drops in with 0.4 µm a millimetre to spare, and 15 µm at least (common practice)', () => {
  const rise = (interferenceUm: number, mm: number) => heatToDropIn(interferenceUm / 1000, mm, 'steel').deltaC
  // α · ΔT · d = interference + gap
  expect(rise(20, 25) * 12e-6 * 25).toBeCloseTo(0.02 + 0.015, 9)
  expect(rise(20, 100) * 12e-6 * 100).toBeCloseTo(0.02 + 0.04, 9)
})

// ISO 898-1: stress area of coarse threads, mm²; half the proof stress of class 4.6 (225 MPa) draws.
it('the smallest threaded rod that draws a ring home with half its strength to spare', () => {
  const rods = [
    ['M8', 36.6],
    ['M10', 58],
    ['M12', 84.3],
    ['M16', 157],
    ['M20', 245],
    ['M24', 353],
  ] as const
  rods.forEach(([thread, area], i) => {
    const most = (area * 112) / 1000
    expect(mountingTools('outer', 60, 110, most - 0.001).rod?.thread).toBe(thread)
    expect(mountingTools('outer', 60, 110, most + 0.001).rod?.thread).toBe(rods[i + 1]?.[0])
  })
})
