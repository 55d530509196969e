import { describe, expect, it } from 'vitest'
import { shipped } from '../../../tests/support/shipped'
import { findPart } from '../catalogue'
import type { Instrument } from '../quantity'
import type { Observations } from './evidence'
import { buildIdentifier } from './identifier'
import { identify } from './identify'
import { logReading, readingModel } from './readingModel'
import { ringBandMm } from '../fit'
import { weighObservations } from './weighObservations'
import { patternText } from './texts'

const identifier = buildIdentifier(shipped)
const part = (base: string) => {
  const found = findPart(shipped.catalogue, base)
  if (!found) throw new Error(base)
  return found
}
const measured = (
  feature: 'bore' | 'outside' | 'width',
  mm: number,
  instrument: Instrument = 'digitalCaliper',
) => ({
  feature,
  valuesMm: [mm],
  stepMm: 0.01,
  instrument,
  condition: 'used' as const,
  unitGuessed: false,
})

describe('what is seen (common practice)', () => {
  const weight = (base: string, observed: Observations) =>
    weighObservations(part(base), observed).reduce((sum, observation) => sum + observation.log, 0)
  it.each<[Observations, string, string]>([
    [{ element: 'taperedRoller' }, '30205', '6205'],
    [{ element: 'needle' }, 'HK2520', '6205'],
    [{ rows: 2 }, '3205', '6205'],
    [{ doubleRow: true }, '2205', '6205'],
    [{ sphericalOutside: true }, 'UC205', '6205'],
    [{ sphericalOutside: true }, 'UC205', 'ER205'],
    [{ sphericalOutside: false }, 'ER205', 'UC205'],
    [{ extendedInner: true }, 'UC205', '6205'],
    [{ encoder: true }, '34x64x37', '6205'],
    [{ snapGroove: true }, '6205', 'HK2520'],
    [{ taperBore: true }, '22208', '6208'],
    [{ flange: true }, 'MF128', '30205'],
    [{ closures: ['seal', 'seal'] }, '6205', 'NU205'],
  ])('%j speaks for %s against %s', (observed, likelier, other) =>
    expect(weight(likelier, observed)).toBeGreaterThan(weight(other, observed)),
  )
  it('what was not looked at says nothing', () => {
    for (const base of ['6205', 'NU205', '30205', 'UC205'])
      expect(weighObservations(part(base), {})).toEqual([])
  })
})

describe('next measurement', () => {
  const next = (sizes: Parameters<typeof measured>[], observed: Observations = {}) =>
    identify(identifier, { measurements: sizes.map((size) => measured(...size)), stamps: [], observed }, 10)
      .next
  it('asks for what parts the leaders', () => {
    expect(['outside', 'width']).toContain(next([['bore', 25]])?.feature)
    expect(
      next(
        [
          ['bore', 25],
          ['outside', 52],
        ],
        { element: 'ball' },
      )?.feature,
    ).not.toBe('bore')
    expect(
      next([
        ['bore', 25],
        ['outside', 52],
        ['width', 15],
      ])?.feature,
    ).toBe('element')
  })
  it('asks for nothing once the size is settled and the kind is seen', () => {
    expect(
      next(
        [
          ['bore', 17],
          ['outside', 40],
          ['width', 12],
        ],
        { element: 'ball', rows: 1, sphericalOutside: false },
      ),
    ).toBeNull()
  })
  it('does not ask a steel rule to tell what only a caliper tells', () => {
    // 25 against 25.4 bore: a caliper parts them, a rule does not (common practice).
    const gain = (instrument: Instrument) =>
      next([['outside', 52, instrument]], { element: 'ball', sphericalOutside: true })?.gainBits ?? 0
    expect(gain('rule')).toBeLessThan(gain('digitalCaliper'))
  })
})

it('several readings tell their pattern: noise is noise, more is out of round', () => {
  const pattern = (...valuesMm: number[]) => patternText({ ...measured('bore', 0), valuesMm })
  expect(pattern(25)).toBe('')
  expect(pattern(25, 25.02)).toBe('2 readings, 0.02 mm apart')
  expect(pattern(25, 25.02, 25.14)).toContain('out of round')
})

describe('reading model', () => {
  it.each(['bore', 'outside', 'width', 'totalWidth', 'housing', 'shaft'] as const)(
    '%s: the densities over all readings sum to one',
    (feature) => {
      const base = measured('bore', 25)
      const nominal = 25
      let sum = 0
      // Log steps over three decades, fine near the nominal size and at both unit slips.
      const grid: number[] = []
      for (let x = 0.7; x < 700; x *= 1.0005) grid.push(x)
      for (const at of [nominal, nominal * 25.4, nominal / 25.4])
        for (let k = -4000; k <= 4000; k++) grid.push(at * (1 + k * 2.5e-6))
      grid.sort((a, b) => a - b)
      for (let i = 1; i < grid.length; i++) {
        const [from = 0, to = 0] = [grid[i - 1], grid[i]]
        const middle = (from + to) / 2
        sum +=
          (to - from) * Math.exp(logReading(readingModel({ ...base, feature, valuesMm: [middle] }), nominal))
      }
      expect(sum).toBeGreaterThan(0.93)
      expect(sum).toBeLessThan(1.03)
    },
  )
  it('bands of new rings follow ISO 492 Normal class', () => {
    expect([10, 18, 19, 30, 31, 50, 80, 120].map((mm) => ringBandMm('bore', mm) * 1000)).toEqual([
      8, 8, 10, 10, 12, 12, 15, 20,
    ])
    expect([30, 50, 80, 120, 150].map((mm) => ringBandMm('outside', mm) * 1000)).toEqual([9, 11, 13, 15, 18])
  })
  it('a ring up to 0.12 mm narrower than nominal is within what ISO 492 allows, and no strain', () => {
    const found = identify(
      identifier,
      {
        measurements: [measured('bore', 25), measured('outside', 52), measured('width', 14.9)],
        stamps: [],
        observed: { element: 'ball' },
      },
      1,
    ).candidates[0]
    expect(found?.part.base).toBe('6205')
    expect(found?.probability).toBeGreaterThan(0.85)
  })

  it('an inner ring alone is no needle bearing, a cage is: by what rolls in it', () => {
    const sizes = [measured('bore', 25), measured('outside', 30), measured('width', 20)]
    const named = (element: 'needle' | 'none') =>
      identify(identifier, { measurements: sizes, stamps: [], observed: { element } }, 1).candidates[0]?.part
        .base
    expect(named('needle')).toBe('K25x30x20')
    expect(named('none')).toMatch(/^IR25x30x20/)
  })
})
