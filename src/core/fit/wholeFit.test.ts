import { describe, expect, it } from 'vitest'
import { checkFit, type FitAnswer, type FitQuestion } from './checkFit'
import { clearanceStages } from './clearanceStages'
import { coolingText, timeToFit, type Cooling } from './cooling'
import { pressure } from './pressFit'
import { repairOptions } from './repairOptions'
import { simulateFit } from './simulateFit'
import { sortReadings } from './sortReadings'
import { toleranceClass } from './toleranceClass'

/** One fit worked through by hand, and what is said at every limit of a rule. */
const answerFor = (q: Partial<FitQuestion>): FitAnswer => {
  const fit = checkFit({ ring: 'inner', class: 'k5', bore: 40, outside: 80, width: 18, ...q })
  if (!fit.ok) throw new Error(`${q.class} is refused`)
  return fit.value
}
const steel = { density: 7850, heatCapacity: 460 }

// 40 k5 is +13/+2 (ISO 286-2), the bore of a ring 0/−12 (ISO 492): 2 to 25 µm tight.
describe('a ring 40 by 80 by 18 on k5', () => {
  it('force: Lamé on a solid shaft, the ring as far as a quarter of its section', () => {
    // p = δ · E / d · (1 − (d/D)²) / 2 with D = 50: 23.18 MPa at 25 µm; F = µ · π · d · b · p.
    expect(answerFor({}).interference).toEqual({ min: 2, mean: 13.5, max: 25 })
    expect(answerFor({}).pressForceKn).toEqual({ min: 0.42, max: 8.39 })
  })
  it('force on a hollow shaft, and none where nothing is said of a bore is a solid one', () => {
    const small = { bore: 5, outside: 16, width: 100, class: 'p6' }
    expect(answerFor({ ...small, hollow: 0 })).toEqual(answerFor(small))
    expect(answerFor({ ...small, hollow: 1 })).not.toEqual(answerFor(small))
    // Hollow by half: (d² + i²)/(d² − i²) = 5/3 instead of 1.
    const shape = (50 ** 2 + 40 ** 2) / (50 ** 2 - 40 ** 2)
    const share = (shape + 1) / (shape + 5 / 3)
    expect(answerFor({ hollow: 20 }).pressForceKn.max).toBeCloseTo(8.39 * share, 1)
  })
  it('heat: 16 µm more than the tightest, and how long it goes on', () => {
    // (25 + 16) µm over 12e−6 a kelvin on 40 mm.
    expect(answerFor({}).heat).toMatchObject({ deltaC: 85.4, celsius: 105.4, byHeat: true })
    expect(answerFor({}).heat.advice).toContain('about 110 °C (225 °F)')
    const ring = { ...steel, insideMm: 40, outsideMm: 80, widthMm: 18, filled: 0.68, wallMm: 5 }
    expect(answerFor({}).heat.advice).toContain(coolingText(timeToFit(ring, 90, 25 / 0.48)))
  })
  it('an outer ring: its hub cools, from its own warmth to that at which it grips', () => {
    const fit = answerFor({
      ring: 'outer',
      class: 'N7',
      hubOutside: 120,
      width: 30,
      materials: { housing: 'steel' },
    })
    // 80 N7 is −9/−39, the ring 0/−13 (both of the ISO tables): 39 tight at most, and 32 to handle it.
    expect(fit.interference.max).toBe(39)
    expect(fit.heat.deltaC).toBeCloseTo((39 + 32) / 0.96, 1)
    const hub = { ...steel, insideMm: 80, outsideMm: 120, widthMm: 30, filled: 1, wallMm: 20 }
    expect(fit.heat.advice).toContain(coolingText(timeToFit(hub, 75, 39 / 0.96)))
  })
})

// Common practice: 120 °C for a bearing, 80 for a sealed one, 120 for a hub of light or unknown metal, 150 for iron and steel.
it.each([
  [{ class: 'm5' }, 'at most 120 °C'],
  [{ class: 'n6' }, 'a bearing may have (120 °C)'],
  [{ class: 'm6', sealed: true }, 'a sealed, greased bearing may have (80 °C)'],
  [{ ring: 'outer', class: 'N7' }, 'at most 120 °C'],
  [{ ring: 'outer', class: 'R7', materials: { housing: 'steel' } }, 'at most 150 °C'],
  [{ ring: 'outer', class: 'R7', bore: 10, outside: 30 }, 'the hub may have (120 °C)'],
] as const)('how hot %o may get: %s', (q, words) => expect(answerFor({ ...q }).heat.advice).toContain(words))

describe('what is said follows from the figures, at each limit', () => {
  const GRADES = [4, 5, 6, 7, 8, 9]
  const LETTERS = ['f', 'g', 'h', 'j', 'js', 'k', 'm', 'n', 'p', 'r']
  const BORES = [8, 10, 15, 17, 20, 25, 30, 40, 50, 60, 85, 130, 190]
  const all = BORES.flatMap((bore) =>
    LETTERS.flatMap((letter) =>
      GRADES.map((grade) => `${letter}${grade}`).flatMap((name) =>
        toleranceClass(name, bore)
          ? [{ name, bore, fit: answerFor({ class: name, bore, outside: 2 * bore }) }]
          : [],
      ),
    ),
  )
  const says = ({ fit }: { fit: FitAnswer }, words: string) => fit.advice.join(' ').includes(words)

  it('there are enough of them, with sums of nought and ends of nought among them', () => {
    expect(all.length).toBeGreaterThan(500)
    expect(all.some(({ fit: { interference: i } }) => i.min + i.max === 0)).toBe(true)
    expect(all.some(({ fit: { interference: i } }) => i.min === 0)).toBe(true)
  })
  it('between loose and tight, a slide fit, no clearance left', () => {
    for (const one of all) {
      const { min, max } = one.fit.interference
      expect(says(one, 'Between loose and tight'), `${one.bore} ${one.name}`).toBe(min < 0 && min + max >= 0)
      expect(says(one, 'A slide fit'), `${one.bore} ${one.name}`).toBe(min + max < 0)
      expect(says(one, 'no clearance is left'), `${one.bore} ${one.name}`).toBe(
        (one.fit.clearanceLeft?.min ?? 1) < 0,
      )
    }
  })
  it('no clearance left, in every group: said below nought and not at it', () => {
    let near = 0
    for (const { name, bore } of all)
      for (const clearanceClass of ['C2', 'CN', 'C3', 'C4', 'C5'] as const) {
        const fit = answerFor({ class: name, bore, outside: 2 * bore, clearanceClass })
        const left = fit.clearanceLeft?.min ?? 1
        if (left >= 0 && left < 1) near++
        expect(says({ fit }, 'no clearance is left'), `${bore} ${name} ${clearanceClass}`).toBe(left < 0)
      }
    expect(near).toBeGreaterThan(5)
  })
  it('heat only where it is tight at the average', () => {
    for (const { name, bore, fit } of all)
      if (fit.interference.min + fit.interference.max < 0)
        expect(fit.heat.byHeat, `${bore} ${name}`).toBe(false)
      else if (fit.heat.celsius <= 120) expect(fit.heat.byHeat, `${bore} ${name}`).toBe(true)
  })
  it('by thumb: a class that is tight at the average is no such class', () => {
    for (const { name, bore, fit } of all) {
      const thumb = answerFor({ class: name, bore, outside: 2 * bore, byThumb: true })
      const { min, max } = fit.interference
      expect(says({ fit: thumb }, 'would not go in by thumb'), `${bore} ${name}`).toBe(min + max > 0)
    }
  })
})

it('one reading is enough for a verdict', () =>
  expect(answerFor({ readings: [{ at: '12', valueMm: 40.008 }] }).seat?.mean).toBeCloseTo(8, 6))

it('clearance: a loose ring gives nothing back, and one that is not named takes nothing', () => {
  const clearance = { lower: 6, upper: 20 }
  const none = clearanceStages(clearance, {}, 0, 60)
  expect(none.mounted).toEqual({ min: 6, max: 20 })
  const loose = { min: -20, max: -0.5 }
  expect(clearanceStages(clearance, { inner: loose, outer: loose }, 0, 60)).toEqual(none)
  expect(clearanceStages(clearance, { inner: { min: 0, max: 0.5 } }, 0, 60).mounted.min).toBeLessThan(6)
  // 12e−6 · 10 K · 60 mm = 7.2 µm.
  expect(none.warm).toEqual({ min: 6, max: 20 })
  expect(clearanceStages(clearance, {}, 10, 60).warm.min).toBeCloseTo(6 - 7.2, 9)
})

it.each([
  [119, '120 s'],
  [120, '2 min'],
  [149, '2 min'],
  [151, '3 min'],
  [1, '5 s'],
  [12.4, '10 s'],
  [12.6, '15 s'],
] as const)('%f s are said as %s', (seconds, words) => {
  const one: Cooling['inAir'] = { least: seconds, max: seconds }
  expect(coolingText({ inAir: one, onSeat: one })).toContain(`goes on for about ${words} in air`)
})

it('what air and metal take: 6 to 25 and 500 to 3000 W/(m²·K)', () => {
  const ring = { ...steel, insideMm: 40, outsideMm: 80, widthMm: 18, filled: 0.68, wallMm: 5 }
  const { inAir, onSeat } = timeToFit(ring, 90, 50)
  expect(inAir.max / inAir.least).toBeCloseTo(25 / 6, 9)
  expect(onSeat.max / onSeat.least).toBeCloseTo(3000 / 500, 9)
})

it('a thick hub is one of very large outside (Lamé)', () => {
  const shaft = { otherMm: 0, material: 'steel' } as const
  const at = (otherMm: number) => pressure(50, 0.05, shaft, { otherMm, material: 'castIron' })
  expect(at(Infinity)).toBeCloseTo(at(1e6), 4)
  // δE/d over (1 + ν_hub)·E/E_hub + (1 − ν): a solid shaft in a thick hub of the same steel halves the pressure of δE/d.
  expect(pressure(50, 0.05, shaft, { otherMm: Infinity, material: 'steel' })).toBeCloseTo(103, 6)
})

it.each([
  [0.5, true],
  [100, true],
  [101, false],
  [0, false],
] as const)('a gap of %f µm may be filled with compound: %s (usual sheets end at 0.1 mm)', (gap, may) =>
  expect(repairOptions('shaft', 'replace', gap, false).some(({ way }) => way === 'Retaining compound')).toBe(
    may,
  ),
)

describe('many assemblies', () => {
  /** Deviates handed out in a fixed order, again and again. */
  const inTurn = (values: readonly number[]) => {
    let i = 0
    return () => values[i++ % values.length] ?? 0
  }
  const seat = { lower: 0, upper: 60 }
  const ring = { lower: 0, upper: 0 }
  const spread = { seat, ring, clearance: null, taken: 0.5, sign: 1 } as const
  // A band is six deviations wide: z = −3 … 3 draws 0 … 60 µm; every second deviate is the ring's, which has no band.
  const even = Array.from({ length: 401 }, (_, i) => [-3 + (6 * i) / 400, 0]).flat()

  it('quantiles and bars of sizes that are spread evenly over the band', () => {
    const fit = simulateFit(spread, 401, inTurn(even))
    expect(fit.count).toBe(401)
    expect(fit.interference.p1).toBeCloseTo(0.6, 9)
    expect(fit.interference.median).toBeCloseTo(30, 9)
    expect(fit.interference.p99).toBeCloseTo(59.4, 9)
    expect(fit.interference.bins).toHaveLength(30)
    expect(fit.interference.bins[0]?.fromUm).toBe(0)
    expect(fit.interference.binUm).toBe(2)
    expect(fit.interference.bins.reduce((sum, { count }) => sum + count, 0)).toBe(401)
    // The largest lies on the upper end of the last bar.
    expect(fit.interference.bins.at(-1)).toEqual({ fromUm: 58, count: 14 })
    expect(fit.interference.bins[0]?.count).toBe(14)
    expect(fit.loose).toBe(0)
  })
  it('bars are half a micrometre wide at least', () => {
    const { interference } = simulateFit({ ...spread, seat: { lower: 2, upper: 5 } }, 401, inTurn(even))
    expect(interference.binUm).toBe(0.5)
    expect(interference.bins[0]?.fromUm).toBe(2)
  })
  it('a share is loose, and takes nothing off the clearance; what is tight takes its part', () => {
    const loose = { ...spread, seat: { lower: -30, upper: 30 }, clearance: { lower: 5, upper: 5 } }
    const drawn = Array.from(
      { length: 4 },
      (_, i) =>
        [
          [-3, 0, 0],
          [-1, 0, 0],
          [0, 0, 0],
          [3, 0, 0],
        ][i] ?? [],
    ).flat()
    const fit = simulateFit(loose, 4, inTurn(drawn))
    // −30, −10, 0 and 30 µm; the last takes 15 of the 5 there are.
    expect(fit.loose).toBe(0.5)
    expect(fit.clearance).toEqual({ p1: -10, median: 5, p99: 5, none: 0.25 })
    expect(simulateFit({ ...loose, sign: -1 }, 4, inTurn(drawn)).loose).toBe(0.25)
  })
  it('sizes outside the band are drawn again', () => {
    const fit = simulateFit(spread, 1, inTurn([3.01, -3.01, 3, 0]))
    expect(fit.interference.median).toBe(60)
  })
})

// ISO 286-1: N from grade 9 up begins at zero above 3 mm, and is drawn as the other letters up to it.
it('K from grade 9 up is of 3 mm and less only', () =>
  expect([toleranceClass('K9', 3.1), toleranceClass('K9', 5), toleranceClass('K9', 50)]).toEqual([
    null,
    null,
    null,
  ]))
it.each([
  ['N9', 5, 0, -30],
  ['N9', 3, -4, -29],
  ['N9', 10, 0, -36],
  ['N9', 50, 0, -62],
  ['K9', 3, 0, -25],
  // P and R of grade 8 no longer mirror the finer shaft; of grade 7 they do.
  ['P8', 25, -22, -55],
  ['R8', 25, -28, -61],
  ['P7', 25, -14, -35],
] as const)('%s at %i mm', (name, mm, upper, lower) =>
  expect(toleranceClass(name, mm)).toEqual({ upper: expect.closeTo(upper, 9), lower }),
)

it.each([
  [40, 42, 1],
  [40, 42.01, 0],
  [40, 37.99, 0],
  [100, 104, 1],
  [100, 104.01, 0],
] as const)('a seat of %i mm read as %f: 2 mm or four hundredths off is no wear', (nominal, valueMm, used) =>
  expect(sortReadings([{ at: '12', valueMm }], nominal).used).toHaveLength(used),
)
