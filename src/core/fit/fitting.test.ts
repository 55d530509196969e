import { driveUpOf } from './driveUp'
import { randomLcg, randomNormal } from 'd3-random'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { checkFit, type FitQuestion } from './checkFit'
import { clearanceStages } from './clearanceStages'
import { internalClearance } from './internalClearance'
import { mountingTools } from './mountingTools'
import { readSeat } from './readSeat'
import { recommendClass } from './recommendClass'
import { ringLimits, type RingClass } from './ringTolerances'
import { SEAT_KINDS, type SeatKind } from './seatKind'
import { simulateFit } from './simulateFit'
import { sortReadings } from './sortReadings'
import { isShaftClass, toleranceClass } from './toleranceClass'

/** Rows of ISO 492 (radial and metric tapered) and ABMA 19.2 class 4, as published, from memory: lower, upper, µm. */
const RINGS: ['bore' | 'outside', number, SeatKind, RingClass, number, number][] = [
  ['bore', 25, 'ball', 'Normal', -10, 0],
  // J7 of ISO 286.
  ['bore', 25, 'wideRing', 'Normal', -9, 12],
  ['bore', 25, 'ball', 'P6', -8, 0],
  ['bore', 25, 'ball', 'P5', -6, 0],
  ['bore', 40, 'ball', 'P6', -10, 0],
  ['bore', 60, 'ball', 'P5', -9, 0],
  ['bore', 100, 'ball', 'P6', -15, 0],
  ['bore', 150, 'ball', 'Normal', -25, 0],
  ['outside', 22, 'ball', 'P6', -8, 0],
  ['outside', 52, 'ball', 'Normal', -13, 0],
  ['outside', 52, 'ball', 'P6', -11, 0],
  ['outside', 52, 'ball', 'P5', -9, 0],
  ['outside', 140, 'ball', 'P6', -15, 0],
  ['bore', 25, 'taperedMetric', 'Normal', -12, 0],
  ['outside', 52, 'taperedMetric', 'Normal', -16, 0],
  ['outside', 90, 'taperedMetric', 'Normal', -18, 0],
  ['bore', 25.4, 'taperedInch', 'Normal', 0, 13],
  ['bore', 101.6, 'taperedInch', 'Normal', 0, 25],
  ['outside', 50.292, 'taperedInch', 'Normal', 0, 25],
]
it.each(RINGS)('%s %d mm, %s %s: %d to %d µm', (role, mm, plan, ringClass, lower, upper) =>
  expect(ringLimits(role, mm, plan, ringClass)).toEqual({ lower, upper }),
)
it('a finer class is never wider', () =>
  fc.assert(
    fc.property(
      fc.double({ min: 3, max: 315, noNaN: true }),
      fc.constantFrom('bore' as const, 'outside' as const),
      (mm, role) => {
        const band = (c: RingClass) => -ringLimits(role, mm, 'ball', c).lower
        expect(band('P6')).toBeLessThanOrEqual(band('Normal'))
        expect(band('P5')).toBeLessThanOrEqual(band('P6'))
      },
    ),
  ))

/** Rows of ISO 5753-1 beyond deep groove, as published, from memory. */
it.each([
  ['self-aligning', 'CN', 25, 11, 24],
  ['self-aligning', 'C3', 40, 23, 40],
  ['spherical', 'CN', 40, 30, 45],
  ['spherical', 'C3', 60, 65, 90],
  ['spherical', 'C4', 100, 135, 180],
  ['self-aligning', 'C2', 5, 1, 8],
  ['self-aligning', 'CN', 5, 5, 15],
  ['self-aligning', 'C4', 5, 15, 25],
  ['deep-groove', 'C3', 225, 75, 140],
  ['deep-groove', 'CN', 250, 31, 95],
  ['cylindrical', 'C3', 200, 140, 195],
  ['spherical', 'CN', 240, 150, 240],
] as const)('%s %s at %d mm is %d to %d µm', (family, group, bore, lower, upper) =>
  expect(internalClearance(family, group, bore)).toEqual({ lower, upper }),
)
it.each([
  ['spherical', 'CN', 40, 35, 50],
  ['spherical', 'C3', 60, 75, 95],
  ['spherical', 'C3', 110, 135, 170],
  ['self-aligning', 'CN', 40, 19, 35],
  ['self-aligning', 'C3', 60, 41, 61],
] as const)('%s %s with tapered bore at %d mm is %d to %d µm', (family, group, bore, lower, upper) =>
  expect(internalClearance(family, group, bore, 'onSleeve')).toEqual({ lower, upper }),
)
it('a tapered bore leaves more clearance than a cylindrical one of its size, as it is driven up', () => {
  for (const family of ['self-aligning', 'spherical'])
    for (const bore of [20, 28, 35, 45, 60, 70, 90, 110, 130, 150])
      for (const group of ['C2', 'CN', 'C3', 'C4'] as const) {
        const plain = internalClearance(family, group, bore)
        const taper = internalClearance(family, group, bore, 'onSleeve')
        expect(taper?.lower, `${family} ${group} ${bore}`).toBeGreaterThanOrEqual(plain?.lower ?? Infinity)
        expect(taper?.upper, `${family} ${group} ${bore}`).toBeGreaterThanOrEqual(plain?.upper ?? Infinity)
      }
})

describe('usual classes (common practice, handbooks)', () => {
  const ball = { kind: 'ball' as const, load: 'normal' as const, boreMm: 25 }
  it.each([
    [{ ...ball, ring: 'inner', rotatingRing: 'inner' }, 'k5'],
    [{ ...ball, ring: 'outer', rotatingRing: 'inner' }, 'H7'],
    [{ ...ball, ring: 'inner', rotatingRing: 'outer' }, 'g6'],
    [{ ...ball, ring: 'outer', rotatingRing: 'outer' }, 'N7'],
    [{ ...ball, ring: 'outer', rotatingRing: 'outer', load: 'light' }, 'M7'],
    [{ ...ball, ring: 'outer', rotatingRing: 'outer', load: 'heavy' }, 'P7'],
    [{ ...ball, ring: 'outer', rotatingRing: 'outer', lightAlloy: true }, 'P7'],
    [{ ...ball, ring: 'inner', rotatingRing: 'inner', load: 'light' }, 'j6'],
    [{ ...ball, ring: 'inner', rotatingRing: 'inner', kind: 'roller', boreMm: 50 }, 'm6'],
    [{ ...ball, ring: 'inner', rotatingRing: 'inner', kind: 'taperedInch' }, 'n6'],
    [{ ...ball, ring: 'inner', rotatingRing: 'inner', kind: 'hubUnit' }, 'k6'],
    [{ ...ball, ring: 'inner', rotatingRing: 'inner', kind: 'insert', load: 'heavy' }, 'h6'],
    [{ ...ball, ring: 'inner', rotatingRing: 'inner', kind: 'insert', load: 'light' }, 'h8'],
    [{ ...ball, ring: 'inner', rotatingRing: 'inner', kind: 'onSleeve' }, 'h9'],
    [{ ...ball, ring: 'outer', rotatingRing: 'inner', kind: 'drawnCup' }, 'N6'],
    [{ ...ball, ring: 'outer', rotatingRing: 'inner', kind: 'drawnCup', lightAlloy: true }, 'R6'],
    [{ ...ball, ring: 'inner', rotatingRing: 'inner', kind: 'drawnCup' }, 'h5'],
    [{ ...ball, ring: 'inner', rotatingRing: 'inner', kind: 'needleNoRing' }, 'g6'],
    [{ ...ball, ring: 'inner', rotatingRing: 'inner', kind: 'needleCage' }, 'g6'],
    [{ ...ball, ring: 'outer', rotatingRing: 'inner', kind: 'needleCage' }, 'G6'],
    [{ ...ball, ring: 'outer', rotatingRing: 'inner', kind: 'thrust' }, 'H8'],
    // An eye does not turn, whatever its arrangement says: never tighter than M7 in steel.
    [{ ...ball, ring: 'outer', rotatingRing: 'outer', kind: 'joint' }, 'M7'],
    [{ ...ball, ring: 'outer', rotatingRing: 'outer', kind: 'joint', load: 'light' }, 'K7'],
    [{ ...ball, ring: 'outer', rotatingRing: 'outer', kind: 'joint', lightAlloy: true }, 'N7'],
    [{ ...ball, ring: 'inner', rotatingRing: 'outer', kind: 'joint' }, 'm6'],
    [{ ...ball, ring: 'inner', rotatingRing: 'outer', kind: 'clutch' }, 'n6'],
    [{ ...ball, ring: 'outer', rotatingRing: 'inner', kind: 'clutch' }, 'N6'],
    [{ ...ball, ring: 'inner', rotatingRing: 'inner', kind: 'linear' }, 'g6'],
    [{ ...ball, ring: 'inner', rotatingRing: 'inner', kind: 'linear', load: 'heavy' }, 'h6'],
    [{ ...ball, ring: 'outer', rotatingRing: 'outer', kind: 'linear' }, 'H7'],
    [{ ...ball, ring: 'inner', rotatingRing: 'inner', kind: 'wideRing' }, 'h9'],
    [{ ...ball, ring: 'outer', rotatingRing: 'inner', kind: 'wideRing' }, 'H7'],
  ] as const)('%j: %s', (use, name) => expect(recommendClass(use).class).toBe(name))
  it.each([
    [{ ...ball, ring: 'outer', rotatingRing: 'outer', kind: 'hubUnit' }, 'N7'],
    [{ ...ball, ring: 'outer', rotatingRing: 'outer', kind: 'hubUnit', load: 'heavy' }, 'P7'],
    [{ ...ball, ring: 'outer', rotatingRing: 'outer', kind: 'hubUnit', lightAlloy: true }, 'P7'],
  ] as const)('%j: %s', (use, name) => expect(recommendClass(use).class).toBe(name))
  // Shafts that turn against their load (handbook tables from memory): up to and including a bore, then the next row.
  it.each([
    ['ball', 'normal', '17 j5, 18 k5, 100 k5, 101 m5, 140 m5, 141 m6'],
    ['ball', 'light', '17 js5, 18 j6, 100 j6, 101 k6, 140 k6, 141 m6'],
    ['roller', 'normal', '25 k6, 26 k6, 40 k6, 41 m6, 60 m6, 140 m6, 141 n6'],
    ['roller', 'heavy', '25 k6, 26 m6, 40 m6, 41 n6, 60 n6, 61 p6, 140 p6, 141 p6'],
  ] as const)('%s, %s load: %s', (kind, load, rows) => {
    for (const row of rows.split(', ')) {
      const [boreMm = '', name] = row.split(' ')
      const use = { ring: 'inner', rotatingRing: 'inner', kind, load, boreMm: Number(boreMm) } as const
      expect(recommendClass(use).class, row).toBe(name)
    }
  })
  it('every class that is recommended is in the tables, on its own side', () =>
    fc.assert(
      fc.property(
        fc.constantFrom('inner' as const, 'outer' as const),
        fc.constantFrom('inner' as const, 'outer' as const),
        fc.constantFrom('light' as const, 'normal' as const, 'heavy' as const),
        fc.constantFrom(...SEAT_KINDS),
        fc.double({ min: 3, max: 400, noNaN: true }),
        fc.boolean(),
        (ring, rotatingRing, load, kind, boreMm, lightAlloy) => {
          const { class: name } = recommendClass({ ring, rotatingRing, load, kind, boreMm, lightAlloy })
          expect(isShaftClass(name)).toBe(ring === 'inner')
          expect(toleranceClass(name, boreMm)).not.toBeNull()
        },
      ),
    ))
})

describe('a hundred thousand assemblies', () => {
  const normal = () => randomNormal.source(randomLcg(0.7))(0, 1)
  const spread = {
    seat: { lower: 2, upper: 11 },
    ring: { lower: -10, upper: 0 },
    clearance: { lower: 5, upper: 20 },
    taken: 0.8,
    sign: 1 as const,
  }
  // Independent sums of normal bands: mean 11.5, standard deviation √(9² + 10²) / 6 = 2.24 µm (cut at three sigmas: a little less).
  it('spread as the closed form of two normal bands', () => {
    const fit = simulateFit(spread, 100_000, normal())
    expect(fit.interference.median).toBeCloseTo(11.5, 1)
    const sigma = Math.sqrt(9 ** 2 + 10 ** 2) / 6
    expect(fit.interference.p99 - fit.interference.median).toBeCloseTo(2.326 * sigma, 0)
    expect(fit.interference.bins.reduce((sum, bin) => sum + bin.count, 0)).toBe(100_000)
    expect(fit.loose).toBeLessThan(0.001)
    expect(fit.clearance?.median).toBeCloseTo(12.5 - 0.8 * 11.5, 1)
  })
  it('never leaves the worst case', () => {
    const fit = simulateFit(spread, 20_000, normal())
    expect(fit.interference.p1).toBeGreaterThanOrEqual(2)
    expect(fit.interference.p99).toBeLessThanOrEqual(21)
  })
  it('a housing is loose where it is larger', () => {
    const housing = {
      ...spread,
      seat: { lower: 0, upper: 30 },
      ring: { lower: -13, upper: 0 },
      sign: -1 as const,
    }
    expect(simulateFit(housing, 5_000, normal()).loose).toBeGreaterThan(0.99)
  })
})

describe('clearance from new to warm', () => {
  // dm 38.5 mm, 10 K, 12e-6/K: 4.62 µm (handbook relation).
  it('takes what the fits take, then what the warm inner ring takes', () => {
    const { fresh, mounted, warm } = clearanceStages(
      { lower: 5, upper: 20 },
      { inner: { min: 2, max: 21 }, outer: { min: -10, max: 10 } },
      10,
      38.5,
    )
    expect(fresh).toEqual({ min: 5, max: 20 })
    expect(mounted.min).toBeCloseTo(5 - 0.8 * 21 - 0.7 * 10, 9)
    expect(mounted.max).toBeCloseTo(20 - 0.8 * 2, 9)
    expect(mounted.min - warm.min).toBeCloseTo(4.62, 2)
  })
  // Least clearance that must be left of CN, by bore (handbook table beside the drive-up, from memory).
  it.each([
    [35, 15],
    [45, 20],
    [60, 25],
    [90, 35],
    [110, 50],
    [130, 55],
  ])('of a bearing of %s mm drawn up its taper what the handbook leaves: %s µm', (bore, least) => {
    const clearance = internalClearance('spherical', 'CN', bore, 'onSleeve')
    const { min, max } = driveUpOf(bore)?.reduction ?? { min: NaN, max: NaN }
    const drawnUp = { min: min * 1000, max: max * 1000 }
    // The fit of the shaft under the sleeve takes nothing.
    const { mounted } = clearanceStages(
      clearance ?? { lower: NaN, upper: NaN },
      { inner: { min: 5, max: 50 } },
      0,
      bore,
      drawnUp,
    )
    expect(mounted.min).toBeCloseTo(least, 6)
    expect(mounted.max).toBeGreaterThan(least)
  })
})

describe('readings of a seat', () => {
  const at = (valueMm: number, i: number) => ({ at: String(i), valueMm })
  it('inches among millimetres are turned, a slip of the pen is set aside, wear is kept', () => {
    const { used, remarks } = sortReadings([62.01, 2.4411, 26.01, 61.5].map(at), 62)
    expect(used.map((r) => Math.round(r.valueMm * 100) / 100)).toEqual([62.01, 62, 61.5])
    expect(remarks).toHaveLength(2)
    expect(remarks[0]).toContain('inches')
    expect(remarks[1]).toContain('set aside')
  })
  it('a wild reading condemns nothing, a strayed one does', () => {
    const question: FitQuestion = { ring: 'outer', class: 'N7', bore: 30, outside: 62, width: 16 }
    const seat = (values: number[]) => {
      const fit = checkFit({ ...question, readings: values.map(at) })
      return fit.ok ? fit.value.seat?.verdict : null
    }
    expect(seat([61.975, 61.972, 61.976, 91.974])).toBe('good')
    expect(seat([61.975, 61.972, 61.976, 62.06])).toBe('replace')
  })
})

describe('sleeves and rods', () => {
  it('a sleeve meets its own ring only, a rod goes through the bore and holds the force', () =>
    fc.assert(
      fc.property(
        fc.constantFrom('inner' as const, 'outer' as const),
        fc.double({ min: 8, max: 100, noNaN: true }),
        fc.double({ min: 8, max: 80, noNaN: true }),
        fc.double({ min: 0, max: 60, noNaN: true }),
        (ring, bore, more, force) => {
          const { sleeve, rod } = mountingTools(ring, bore, bore + more, force)
          expect(sleeve.insideMm).toBeGreaterThan(bore)
          expect(sleeve.outsideMm).toBeLessThan(bore + more)
          expect(sleeve.outsideMm).toBeGreaterThan(sleeve.insideMm - 0.5)
          if (rod) expect(Number(rod.thread.slice(1))).toBeLessThan(bore)
        },
      ),
    ))
  // M12, 84.3 mm² (ISO 898-1): half of 225 MPa is 9.4 kN.
  it('9 kN asks for M12', () =>
    expect(mountingTools('outer', 25, 52, 9).rod).toEqual({ thread: 'M12', overMm: 52 }))
  it('nothing is drawn by a rod onto a shaft: the shaft is in the bore', () =>
    expect(mountingTools('inner', 25, 52, 9).rod).toBeNull())
})

it.each([
  ['12 62.012 front', [{ at: '12', value: '62.012', depth: 'front' }]],
  ['3: 2.4415 in', [{ at: '3', value: '2.4415 in' }]],
  ['6 2.4415 in back half', [{ at: '6', value: '2.4415 in', depth: 'back half' }]],
  ['62.01', [{ at: '1', value: '62.01' }]],
  [
    '62.01 mm; 62.02',
    [
      { at: '1', value: '62.01 mm' },
      { at: '2', value: '62.02' },
    ],
  ],
  ['  ', []],
])('“%s” is read as a reading', (text, readings) => expect(readSeat(text)).toEqual(readings))

describe('drive-up on a taper of 1:12', () => {
  it('the rows join, grow, and the way is the drop times twelve and a little more: the sleeve is pressed smooth (geometry)', () => {
    const bores = [25, 35, 45, 60, 75, 90, 110, 130]
    const rows = bores.map((mm) => driveUpOf(mm))
    rows.forEach((row, i) => {
      const ratio = (end: 'min' | 'max') => (row ? row.axial[end] / row.reduction[end] : 0)
      for (const end of ['min', 'max'] as const) {
        expect(ratio(end), `${bores[i]} ${end}`).toBeGreaterThan(12)
        expect(ratio(end), `${bores[i]} ${end}`).toBeLessThanOrEqual(20)
      }
      expect(row?.reduction.min).toBeGreaterThan(rows[i - 1]?.reduction.min ?? 0)
    })
  })
  it.each([
    [30, 0.015],
    [30.01, 0.02],
    [140, 0.065],
  ])('%s mm stands in its row', (mm, least) => expect(driveUpOf(mm)?.reduction.min).toBe(least))
  // Handbook table of the taper 1:30, from memory, to a tenth.
  it.each([
    [80, 1.5, 1.9],
    [100, 1.75, 2.25],
    [120, 1.9, 2.75],
  ])('%s mm on a taper of 1:30 goes %s to %s mm along the shaft', (mm, from, to) => {
    const { axial, reduction } = driveUpOf(mm, 30) ?? {}
    expect(axial?.min).toBeCloseTo(from, 1)
    expect(axial?.max).toBeCloseTo(to, 1)
    expect(reduction).toEqual(driveUpOf(mm)?.reduction)
  })
  it.each([24, 140.1])('%s mm is outside of the table', (mm) => expect(driveUpOf(mm)).toBeNull())
})
