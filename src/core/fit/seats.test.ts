import { randomLcg, randomNormal } from 'd3-random'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { shipped } from '../../../tests/support/shipped'
import { findPart } from '../catalogue'
import { guessInstrument, type Instrument } from '../quantity'
import { checkFit, type FitQuestion } from './checkFit'
import { internalClearance } from './internalClearance'
import { judgeSeat } from './judgeSeat'
import { recommendSeat } from './recommendSeat'
import { COMPOUND_TO_UM, repairOptions } from './repairOptions'
import { ringLimits } from './ringTolerances'
import { isHandFitted, seatKindOf } from './seatKind'
import { seatNominal } from './seatNominal'
import { simulateFit } from './simulateFit'
import { toleranceClass } from './toleranceClass'
import { withoutClearance } from './withoutClearance'

describe('how a number sits', () => {
  it.each([
    ['6205', 'ball'],
    ['NU205', 'roller'],
    ['30205', 'taperedMetric'],
    ['LM11949/LM11910', 'taperedInch'],
    // J before an inch-pattern number: metric sizes and minus tolerances (ABMA 19.1).
    ['JL69349/JL69310', 'taperedMetric'],
    ['UC205', 'insert'],
    ['UK205', 'onSleeve'],
    ['34x64x37', 'hubUnit'],
    ['HK2016', 'drawnCup'],
    ['NK20/16', 'needleNoRing'],
    ['RNA4904', 'needleNoRing'],
    ['NA4904', 'roller'],
    ['RSTO20', 'needleNoRing'],
    ['NATR20', 'roller'],
    ['HF1616', 'drawnCup'],
    ['RC121610', 'drawnCup'],
    // Two rings around balls and sprags.
    ['CSK25', 'clutch'],
    ['ASNU25', 'clutch'],
    ['LM12', 'linear'],
    ['NKX25', 'needleNoRing'],
    ['NKIA5905', 'roller'],
    ['51105', 'thrust'],
    ['GE25', 'joint'],
    ['11206', 'wideRing'],
    ['1206', 'ball'],
  ])('%s: %s', (base, kind) => {
    const part = findPart(shipped.catalogue, base)
    expect(part && seatKindOf(part)).toBe(kind)
  })
  it.each([
    ['SCE108', 'drawnCup'],
    ['B-108', 'drawnCup'],
    ['MJ-108', 'drawnCup'],
    ['NKS24', 'needleNoRing'],
    ['K25x30x17', 'needleCage'],
    ['IR25x30x20', 'roller'],
    ['NKIS15', 'roller'],
  ])('%s, whatever list it stands in: %s', (number, kind) => {
    const series = /^[A-Z]+/.exec(number)?.[0] ?? ''
    expect(seatKindOf({ base: number, family: 'needle', series })).toBe(kind)
  })
  it('a cage has no ring: shaft and bore are ground for the needles and nothing is pressed', () => {
    const cage = { bore: 25, outside: 30, width: 17, kind: 'needleCage' } as const
    for (const [ring, name, runs] of [
      ['inner', 'h5', 'on the shaft itself'],
      ['outer', 'G6', 'in the bore itself'],
    ] as const) {
      const fit = checkFit({ ...cage, ring, class: name })
      expect(fit.ok && fit.value, ring).toMatchObject({
        raceway: true,
        heat: { byHeat: false, advice: expect.stringContaining(runs) },
      })
      expect(fit.ok && fit.value.advice.join(' '), ring).toContain('No ring')
    }
  })
  it('a bore of 1:12 sits on its sleeve', () => {
    const part = findPart(shipped.catalogue, '22208')
    expect(part && seatKindOf(part, true)).toBe('onSleeve')
  })
  it('an insert is neither pressed nor heated, however tight its shaft is taken', () => {
    const fit = checkFit({ ring: 'inner', class: 'k6', bore: 25, outside: 52, width: 34, family: 'insert' })
    expect(fit.ok && fit.value).toMatchObject({
      bearing: { lower: 0, upper: 18 },
      pressForceKn: { min: 0, max: 0 },
      tools: null,
      heat: { byHeat: false, advice: expect.stringContaining('Neither heated nor pressed') },
    })
  })
  it('needles without a ring have running clearance: F8 under a drawn cup, F6 under a solid ring', () => {
    // 20 F8 +20/+53 and F6 +20/+33 (ISO 286-2); 20 h5 is 0/−9: 20 to 62 µm of clearance.
    expect(ringLimits('bore', 20, 'drawnCup')).toEqual({ lower: 20, upper: 53 })
    expect(ringLimits('bore', 20, 'needleNoRing')).toEqual({ lower: 20, upper: 33 })
    // Sleeves of linear ball bearings: h6 outside (ISO 286-2), the bore as of a ring.
    expect(ringLimits('outside', 21, 'linear')).toEqual({ lower: -13, upper: 0 })
    expect(ringLimits('outside', 40, 'linear')).toEqual({ lower: -16, upper: 0 })
    expect(ringLimits('bore', 12, 'linear')).toEqual(ringLimits('bore', 12))
    const fit = checkFit({ ring: 'inner', class: 'h5', bore: 20, outside: 26, width: 16, kind: 'drawnCup' })
    expect(fit.ok && fit.value).toMatchObject({
      interference: { min: -62, max: -20 },
      clearanceLeft: null,
      tools: null,
    })
  })
  it('a hub of which nobody has said the material is heated no hotter than light alloy may be', () => {
    const question: FitQuestion = { ring: 'outer', class: 'P7', bore: 45, outside: 85, width: 19 }
    const advice = (materials: FitQuestion['materials']) => {
      const fit = checkFit({ ...question, materials })
      return fit.ok ? fit.value.heat.advice : ''
    }
    expect(advice({})).toMatch(/at most 120 °C as long as nobody has said/)
    expect(advice({ housing: 'castIron' })).toMatch(/at most 150 °C\./)
    expect(advice({ housing: 'aluminium' })).toMatch(/at most 120 °C\./)
  })
})

describe('class and clearance group together', () => {
  const seat = {
    kind: 'ball' as const,
    rotatingRing: 'outer' as const,
    ring: 'outer' as const,
    load: 'normal' as const,
    boreMm: 30,
    outsideMm: 62,
    family: 'deep-groove',
    clearance: 'CN' as const,
  }
  it.each([
    [{}, 'M7', 'C3'],
    [{ lightAlloy: true }, 'P7', 'C4'],
    [{ load: 'light' as const }, 'M7', 'C3'],
    [{ ring: 'inner' as const, rotatingRing: 'inner' as const, boreMm: 25 }, 'k5', 'C3'],
    [{ ring: 'inner' as const }, 'g6', 'CN'],
  ])('%j: %s with %s', (more, name, group) =>
    expect(recommendSeat({ ...seat, ...more })).toMatchObject({ class: name, clearance: group }),
  )
  it('what is not as usual is told, and as usual it is not', () => {
    const why = (more: object) => recommendSeat({ ...seat, ...more }).why
    // N7 with CN would be usual: the class is a step lighter and the group another.
    expect(why({})).toMatch(/N7 with CN would leave .* without clearance; M7 is one step lighter\./)
    // Only the group is another.
    expect(why({ lightAlloy: true })).toMatch(/P7 with CN would leave .* without clearance\./)
    expect(why({ lightAlloy: true })).not.toContain('one step lighter')
    expect(why({ ring: 'inner' })).not.toContain('would leave')
  })
  it('by hand go inserts, and what sits on a sleeve or a wide ring with that ring', () => {
    const byHand = (['ball', 'insert', 'onSleeve', 'wideRing', 'roller'] as const).flatMap((kind) =>
      (['inner', 'outer'] as const)
        .filter((ring) => isHandFitted(kind, ring))
        .map((ring) => `${kind} ${ring}`),
    )
    expect(byHand).toEqual(['insert inner', 'insert outer', 'onSleeve inner', 'wideRing inner'])
  })
  it('leaves less than two in a hundred without clearance, or says how many', () =>
    fc.assert(
      fc.property(
        fc.constantFrom('inner' as const, 'outer' as const),
        fc.constantFrom('inner' as const, 'outer' as const),
        fc.constantFrom('light' as const, 'normal' as const, 'heavy' as const),
        fc.constantFrom('deep-groove', 'cylindrical', 'self-aligning', 'spherical'),
        fc.constantFrom('C2' as const, 'CN' as const, 'C3' as const),
        fc.integer({ min: 10, max: 100 }),
        fc.boolean(),
        (ring, rotatingRing, load, family, clearance, boreMm, lightAlloy) => {
          const kind = family === 'cylindrical' || family === 'spherical' ? 'roller' : 'ball'
          const usual = recommendSeat({
            ...{ ring, rotatingRing, load, family, clearance, boreMm, lightAlloy, kind },
            outsideMm: boreMm * 1.4 + 20,
          })
          if (usual.without !== null && usual.without >= 0.02)
            expect(usual.why).toMatch(/Even so .* would have none/)
          if (usual.clearance !== clearance) expect(usual.why).toContain(`with ${clearance} would leave`)
        },
      ),
    ))
  // Table of the normal distribution (Abramowitz and Stegun 26.1): share below so many standard deviations.
  it.each([
    [0, 0.5],
    [0.25, 0.598706],
    [0.5, 0.691462],
    [1, 0.841345],
    [1.5, 0.933193],
    [2, 0.97725],
    [2.5, 0.99379],
    [3, 0.99865],
    [-1, 0.158655],
    [-2, 0.02275],
  ])(
    'of a fit that never varies, what the clearance of the bearing alone decides: %f deviations',
    (z, share) => {
      const clearance = { lower: 10, upper: 40 }
      const [middle, sigma] = [25, 5]
      const eaten = middle + z * sigma
      const spread = {
        seat: { lower: eaten, upper: eaten },
        ring: { lower: 0, upper: 0 },
        clearance,
        taken: 1,
        sign: 1 as const,
      }
      expect(withoutClearance(spread)).toBeCloseTo(share, 5)
    },
  )
  it('what is worked out is what is drawn by chance', () => {
    const normal = randomNormal.source(randomLcg(0.3))(0, 1)
    for (const [name, group] of [
      ['N7', 'CN'],
      ['N7', 'C3'],
      ['P7', 'C4'],
    ] as const) {
      const spread = {
        seat: toleranceClass(name, 62) ?? { lower: 0, upper: 0 },
        ring: ringLimits('outside', 62),
        clearance: internalClearance('deep-groove', group, 30),
        taken: 0.7,
        sign: -1 as const,
      }
      const drawn = simulateFit(spread, 40_000, normal).clearance?.none ?? NaN
      expect(Math.abs((withoutClearance(spread) ?? NaN) - drawn), `${name} ${group}`).toBeLessThan(0.01)
    }
  })
})

it('repairs stand in order of merit; peening is told as not advised, glue not for wheels alone', () => {
  expect(repairOptions('housing', 'good', 0, true)).toEqual([])
  const ways = (gap: number) => repairOptions('housing', 'replace', gap, true).map((o) => o.way)
  expect(ways(60)).toEqual([
    'Clean to bright metal, dress the burrs, measure again',
    'Oversize part',
    'Bore out and press in a sleeve, then bore to size',
    'Retaining compound',
    'New hub or housing',
    'Peening the edge of the bore',
  ])
  const worn = repairOptions('housing', 'replace', 60, true)
  expect(worn.at(-1)?.advised).toBe(false)
  expect(worn.find((o) => o.way === 'Retaining compound')?.advised).toBe(false)
  expect(ways(COMPOUND_TO_UM)).toContain('Retaining compound')
  for (const gap of [COMPOUND_TO_UM + 1, 0]) expect(ways(gap)).not.toContain('Retaining compound')
})
// The largest reading against the smallest ring: 62.045 in the housing, outside 62 −13 µm: 58 µm (ISO 492 Normal).
it('the gap a compound must fill is the loosest reading against the smallest ring', () => {
  const compound = (ring: 'inner' | 'outer', name: string, readings: number[]) => {
    const fit = checkFit({
      ring,
      class: name,
      bore: 30,
      outside: 62,
      width: 16,
      readings: readings.map((valueMm, i) => ({ at: String(i), valueMm })),
    })
    return (fit.ok && fit.value.repair.find((o) => o.way === 'Retaining compound')?.when) || ''
  }
  expect(compound('outer', 'N7', [62.04, 62.045])).toContain('Gap up to 58 µm')
  // Shaft of 29.95 under a ring of 30 0/−10 µm: at the largest ring 50 µm.
  expect(compound('inner', 'k6', [29.95, 29.955])).toContain('Gap up to 50 µm')
})

describe('readings weighed by the instrument', () => {
  const k6 = { lower: 2, upper: 15 }
  const verdict = (values: number[], instrument: Instrument, kind: 'shaft' | 'housing' = 'shaft') =>
    judgeSeat(
      values.map((valueMm, i) => ({ at: String(i), valueMm })),
      30,
      k6,
      kind,
      instrument,
    )
  it('a caliper finds no fault in its own scatter, and cannot call a seat good', () => {
    expect(verdict([30.01, 30.0, 30.02, 30.01], 'digitalCaliper')).toMatchObject({ verdict: 'doubtful' })
    expect(verdict([30.01, 30.0, 30.02, 30.01], 'digitalCaliper').why).toMatch(/^Nothing wrong that/)
    expect(verdict([30.01, 30.0, 30.02, 30.01], 'micrometer').why).toMatch(/Out of round/)
  })
  it('a caliper still shows a seat that is lost', () =>
    expect(verdict([29.9, 29.91, 29.9, 29.92], 'digitalCaliper').verdict).toBe('replace'))
  // 1.003 in on a shaft of 1 in: rust stands proud, nothing is worn (common practice).
  it('larger than a new shaft, or smaller than a new bore, is dirt first: clean and measure again', () => {
    for (const instrument of ['micrometer', 'digitalCaliper'] as const) {
      expect(verdict([30.076, 30.02, 30.07, 30.06], instrument)).toMatchObject({
        verdict: 'doubtful',
        why: expect.stringMatching(/rust|burr/),
      })
      expect(verdict([29.9, 29.95, 30, 30], instrument, 'housing').verdict).toBe('doubtful')
    }
  })
  it('one proud reading among good ones is a burr, one worn one condemns', () => {
    expect(verdict([30.008, 30.009, 30.008, 30.06], 'micrometer').verdict).toBe('doubtful')
    expect(verdict([30.008, 30.009, 30.008, 29.96], 'micrometer').verdict).toBe('replace')
  })
  it('the instrument is told by the digits typed', () => {
    expect(guessInstrument(['24.98', '24.97'])).toBe('digitalCaliper')
    expect(guessInstrument(['24.981', '24.97'])).toBe('micrometer')
    expect(guessInstrument(['1.003 in'])).toBe('digitalCaliper')
    expect(guessInstrument(['0.9998 in'])).toBe('micrometer')
  })
})

// A unit of 74.02 mm is pressed into a bore of 74 mm (common practice): N7 of 74 mm is −9 to −39 µm (ISO 286), the ring 0 to −13 µm (ISO 492).
it('a press-in unit some hundredths over whole millimetres sits in the whole ones, tighter by them', () => {
  const of = (outside: number) => {
    const found = checkFit({ ring: 'outer', class: 'N7', bore: 38, outside, width: 36, family: 'hub-unit' })
    return found.ok ? found.value : null
  }
  expect(of(74)).toMatchObject({ bearing: { lower: -13, upper: 0 }, interference: { min: -4, max: 39 } })
  expect(of(74.02)).toMatchObject({
    limits: { lower: -39, upper: -9 },
    bearing: { lower: 7, upper: 20 },
    interference: { min: 16, max: 59 },
  })
  const seat = { ring: 'outer', bore: 35, kind: 'hubUnit' } as const
  expect([61.8, 68.02, 72.09, 72.1].map((outside) => seatNominal({ ...seat, outside }))).toEqual([
    61.8, 68, 72, 72.1,
  ])
  expect(seatNominal({ ...seat, outside: 62.02, kind: 'ball' })).toBe(62.02)
  expect(seatNominal({ ...seat, ring: 'inner', outside: 72.02 })).toBe(35)
  expect(seatNominal({ ...seat, ring: 'inner', outside: 72.02, shaftMm: 30 })).toBe(30)
})
