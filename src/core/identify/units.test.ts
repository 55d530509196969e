import { randomLcg, randomNormal } from 'd3-random'
import { describe, expect, it } from 'vitest'
import { shipped } from '../../../tests/support/shipped'
import { isUnitHousing } from '../catalogue'
import { readClean } from '../designation'
import { packShelf, openShelf } from '../shelf'
import {
  buildIdentifier,
  identify,
  identifyByPlainScan,
  nextText,
  readMeasurements,
  unlistedText,
  type Feature,
  type Observations,
} from '.'
import { unitsOf } from './units'

const identifier = buildIdentifier(shipped)
const units = unitsOf(shipped.catalogue)

const evidenceOf = (sizes: Partial<Record<Feature, string>>, observed: Observations, stamp = '') => {
  const read = readMeasurements(
    Object.entries(sizes).map(([feature, text]) => ({ feature: feature as Feature, readings: [text] })),
  )
  if (!read.ok) throw new Error('an impossible question')
  return { measurements: read.value, stamps: stamp === '' ? [] : [{ text: stamp }], observed }
}
const ask = (
  sizes: Partial<Record<Feature, string>>,
  observed: Observations = { piece: 'unit' },
  stamp = '',
) => identify(identifier, evidenceOf(sizes, observed, stamp), 50)

const shares = (found: ReturnType<typeof ask>, is: (base: string) => boolean): number =>
  found.candidates.filter(({ part }) => is(part.base)).reduce((sum, c) => sum + c.probability, 0)

describe('units of insert and housing', () => {
  it('are named by a number that is read as the same unit again', () => {
    expect(units.length).toBeGreaterThan(450)
    for (const { base, dimensions, housing, provenance } of units)
      expect(readClean(base, shipped)?.part).toMatchObject({ base, dimensions, housing, provenance })
  })

  it('are found by shaft and bolts as they are in the table, all of them', () => {
    for (const { base, dimensions: d, housing } of units) {
      if (!housing || d.bore === undefined) continue
      const found = ask(
        {
          bore: `${d.bore} mm`,
          ...(housing.boltSpacingMm !== undefined && { boltSpacing: `${housing.boltSpacingMm} mm` }),
          ...(housing.railSpacingMm !== undefined && { railSpacing: `${housing.railSpacingMm} mm` }),
        },
        { piece: 'unit', housingKind: housing.kind },
      )
      // Inserts of one shaft and one shell differ in how they are locked, not in the bolts; 34.925 and 35 are one to a caliper.
      const same = (other: (typeof units)[number]): boolean =>
        Math.abs((other.dimensions.bore ?? 0) - (d.bore ?? 0)) < 0.1 &&
        other.housing?.boltSpacingMm === housing.boltSpacingMm &&
        other.housing?.railSpacingMm === housing.railSpacingMm
      const leading = found.candidates[0]?.part
      expect(leading && same(leading), base).toBe(true)
      expect(found.unlistedLeads, base).toBe(false)
    }
  })

  it.each([
    // common practice, in the inches they are asked for by
    [{ bore: '1 in', boltSpacing: '3 29/32 in' }, 'oval flange', 'UCFL205-16'],
    [{ bore: '1 1/4 in', boltSpacing: '3 9/32 in' }, 'square flange', 'UCF206-20'],
    [{ bore: '1 1/2 in', boltSpacing: '5 13/32 in', centreHeight: '1.94 in' }, 'pillow block', 'UCP208-24'],
    [{ bore: '30', boltSpacing: '100' }, 'round flange', 'UCFC206'],
    // Four bolts measured the other way: along the diagonal of a square, along the side in a circle.
    [{ bore: '25', boltSpacing: '99' }, 'square flange', 'UCF205'],
    [{ bore: '40', boltSpacing: '84.9' }, 'round flange', 'UCFC208'],
  ] as const)('%o in a %s is %s', (sizes, housingKind, base) => {
    const found = ask(sizes, { piece: 'unit', housingKind })
    expect(found.candidates[0]?.part.base).toBe(base)
    expect(found.unlisted).toBeLessThan(0.05)
  })

  it('are named by the ring, by the casting and by the whole, one as good as the other', () => {
    const bySet = (stamp: string) => ask({}, { piece: 'unit' }, stamp)
    expect(shares(bySet('UC206'), (base) => /^UC(P|F|FL|FC|T)206$/.test(base))).toBeGreaterThan(0.95)
    expect(shares(bySet('FL206'), (base) => /^[A-Z]{2}FL206/.test(base))).toBeGreaterThan(0.95)
    // All that a number names, not the first two.
    for (const base of ['UCP206', 'UCF206', 'UCFL206', 'UCFC206', 'UCT206'])
      expect(
        shares(bySet('UC206'), (found) => found === base),
        base,
      ).toBeGreaterThan(0.15)
    expect(bySet('FL206').candidates[0]?.part.base).toBe('UCFL206')
    expect(bySet('UCFL206').candidates[0]).toMatchObject({ designation: 'UCFL206' })
    expect(bySet('UCFL206').candidates[0]?.probability).toBeGreaterThan(0.95)
    expect(ask({}, { piece: 'unit' }, 'UCF2?7').candidates[0]?.part.base).toBe('UCF207')
  })

  it('are asked for what tells them apart: the housing is looked at, its bolts are measured', () => {
    expect(nextText(ask({}, { piece: 'unit' }, 'UC206'))?.heading).toBe('Look at the housing')
    expect(nextText(ask({ bore: '30' }))?.heading).toBe('Measure the bolt spacing')
    expect(nextText(ask({ boltSpacing: '117' }, { housingKind: 'oval flange' }))?.heading).toBe(
      'Measure the bore',
    )
    expect(nextText(ask({}, { piece: 'unit' }, 'UCFL206'))?.heading).toBe('Settled by the number')
  })

  it.each([
    // ISO 3228: bolt holes may be 0.7 mm off, heights 0.15 to 0.2; a caliper over castings adds its own (from memory).
    ['boltSpacing', 'pillow block', 121, 1.2, 2.4],
    ['centreHeight', 'pillow block', 42.9, 0.4, 1],
    ['railSpacing', 'take-up', 89, 0.8, 1.6],
  ] as const)(
    '%s of a %s, %s mm, agrees when it is %s mm off and no longer at %s',
    (feature, housingKind, mm, near, off) => {
      const verdict = (away: number) =>
        ask({ bore: '30 mm', [feature]: `${mm + away} mm` }, { piece: 'unit', housingKind })
          .candidates.find(({ part }) => /^UC[PT]206$/.test(part.base))
          ?.evidence.find(({ item }) => item === feature)?.verdict
      expect([verdict(-near), verdict(near), verdict(off) === 'agrees']).toEqual(['agrees', 'agrees', false])
    },
  )

  it('bolts that no housing has are not in the catalogue, and the nearest is told', () => {
    const found = ask({ bore: '30', boltSpacing: '230' }, { housingKind: 'pillow block' })
    expect(found.unlistedLeads).toBe(true)
    expect(unlistedText(found)).toContain('bolt spacing')
    expect(found.nearest[0]?.part.housing?.kind).toBe('pillow block')
  })

  it('no bearing without a housing stands among them, and none of them among bearings', () => {
    const bearing = ask({ bore: '25', boltSpacing: '99' }, { piece: 'unit' }, '6205')
    expect(bearing.candidates.find(({ part }) => part.base === '6205')?.probability ?? 0).toBeLessThan(1e-4)
    const found = ask({ bore: '25', outside: '52' }, {})
    expect(found.candidates.some(({ part }) => part.housing)).toBe(false)
  })

  it('nothing is said of a housing that nobody has looked at', () => {
    const items = (observed: Observations) =>
      ask({ bore: '30' }, observed).candidates[0]?.evidence.map(({ item, verdict }) => `${item} ${verdict}`)
    expect(items({ piece: 'unit' })).toEqual(['bore agrees'])
    expect(items({ piece: 'unit', housingKind: 'take-up' })).toEqual(['bore agrees', 'housingKind agrees'])
  })

  it('sum to one with “not listed”, as the plain scan ranks them', () => {
    const evidence = evidenceOf({ bore: '35.1', boltSpacing: '129.5' }, { piece: 'unit' }, 'FL2?7')
    const found = identify(identifier, evidence, units.length)
    expect(found.candidates.reduce((sum, c) => sum + c.probability, found.unlisted)).toBeCloseTo(1, 6)
    expect(found.parts).toBe(units.length)
    const [first] = identifyByPlainScan(identifier, evidence)
    expect(found.candidates[0]?.part.base).toBe(first?.part.base)
  })

  it('a part of the own lists stays possible, by its name and its shaft', () => {
    const shelf = openShelf(
      packShelf({
        designations: ['GROTTO-BLOCK'],
        sizes: { bore: Float64Array.of(30), outside: Float64Array.of(NaN), width: Float64Array.of(NaN) },
        listOf: Uint16Array.of(0),
        lists: [{ kind: 'own', text: 'castings', verified: true }],
      }),
    )
    const evidence = evidenceOf({ bore: '30', boltSpacing: '150' }, { piece: 'unit' }, 'GROTTO-BLOCK')
    const found = identify(buildIdentifier(shipped, { shelf }), evidence, 5)
    expect(found.candidates[0]?.part.base).toBe('GROTTO-BLOCK')
    expect(found.candidates[0]?.probability).toBeGreaterThan(0.9)
  })

  it('are right as often as they say, measured on used castings with a caliper', () => {
    const source = randomLcg(0.4)
    const normal = randomNormal.source(source)(0, 1)
    // What the test assumes of castings and calipers: holes 0.5 mm off, heights 0.2, shafts worn by 0.03.
    let [right, said] = [0, 0]
    const wanted = 400
    let asked = 0
    while (asked < wanted) {
      const unit = units[Math.floor(source() * units.length)]
      const { housing, dimensions: d } = unit ?? {}
      if (!housing?.boltSpacingMm || d?.bore === undefined) continue
      const found = ask(
        {
          bore: `${(d.bore + 0.03 * Math.abs(normal())).toFixed(2)} mm`,
          boltSpacing: `${(housing.boltSpacingMm + 0.5 * normal()).toFixed(1)} mm`,
          ...(d.width !== undefined && { width: `${(d.width + 0.05 * normal()).toFixed(2)} mm` }),
        },
        { piece: 'unit', housingKind: housing.kind },
      )
      asked++
      const [leading] = found.candidates
      said += leading?.probability ?? 0
      if (leading?.part.base === unit?.base) right++
    }
    expect(right / asked).toBeGreaterThan(0.8)
    expect(Math.abs(right - said) / asked).toBeLessThan(0.1)
  })
})

describe('a stamp that names hardware', () => {
  const hardware = shipped.catalogue.parts.filter(({ piece }) => piece === 'hardware')

  it('is told as what it is, never as a bearing, all of it', () => {
    const wrong = hardware
      .filter((part) => !isUnitHousing(part))
      .filter(({ base }) => {
        const found = ask({}, {}, base)
        return !found.unlistedLeads || found.hardware?.base !== base
      })
    expect(wrong.map(({ base }) => base)).toEqual([])
  })

  it('and a casting names its units, until a bearing is said to be in the hand', () => {
    for (const part of hardware.filter(isUnitHousing)) {
      const leading = ask({}, {}, part.base).candidates[0]?.part
      expect(leading?.housing, part.base).toEqual(part.hardware)
    }
    expect(ask({}, { piece: 'complete' }, 'P207').candidates.some(({ part }) => part.housing)).toBe(false)
    expect(ask({ outside: '72' }, {}, 'P207').candidates.some(({ part }) => part.housing)).toBe(false)
  })

  it('says so in words, with the way to its sheet, and no longer once the sizes are those of a bearing', () => {
    const found = ask({}, {}, 'KM8')
    expect(unlistedText(found)).toBe('A lock nut. No bearing has this number.')
    expect(nextText(found)?.heading).toBe('Open its part sheet')
    const measured = ask({ bore: '25', outside: '52', width: '15' }, {}, 'KM8')
    expect([measured.hardware, measured.candidates[0]?.part.base]).toEqual([null, '6205'])
  })
})
