import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { shipped, shippedKnowledge } from '../../../tests/support/shipped'
import { buildShelf } from '../shelf'
import { isTaperedSet, knownPart, PartValue, resolvePart, ringOfSet, writePart } from '.'

const shelf = buildShelf({
  designations: ['PIER-77'],
  sizes: { bore: Float64Array.of(21), outside: Float64Array.of(47), width: Float64Array.of(15.5) },
  listOf: Uint16Array.of(0),
  lists: [{ kind: 'own', text: 'Pier store', verified: true }],
})
const knowledge = { ...shippedKnowledge, shelf }

/** One number of each family, with the options it is mostly made with. */
const bases = [...new Map(shipped.catalogue.parts.map((p) => [`${p.family} ${p.piece}`, p])).values()]

describe('a part is a value, resolved once', () => {
  it('written and read it is itself, for every family and kind', () => {
    expect(bases.length).toBeGreaterThan(25)
    for (const { base, piece } of bases) {
      const value = resolvePart(base, knowledge, { piece })
      expect(value, base).toMatchObject({ kind: 'listed', part: { piece } })
      if (value) expect(resolvePart(writePart(value), knowledge, { piece }), base).toEqual(value)
    }
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 90_000 }), fc.integer({ min: 1, max: 90_000 }), (a, b) => {
        const values: PartValue[] = [
          { kind: 'made', boreMm: a / 1000, lengthMm: b / 1000 },
          { kind: 'made', boreMm: a / 1000, lengthMm: b / 1000, outsideMm: b / 500 },
          { kind: 'sleeve', journalMm: a / 1000 },
          { kind: 'balls', diameterMm: a / 1000 },
        ]
        for (const value of values) expect(resolvePart(writePart(value), knowledge)).toEqual(value)
      }),
    )
  })
  it('survives the way through the database: JSON and its schema', () => {
    for (const text of [
      '6305-2RS/C3',
      '22208EK/C3',
      'L68149/L68110',
      '30206',
      '35x52x7',
      'KM8',
      'PIER-77',
      '21x47x15.5',
    ]) {
      const value = resolvePart(text, knowledge, { bySizes: 'deep-groove' })
      expect(PartValue.parse(JSON.parse(JSON.stringify(value))), text).toEqual(
        JSON.parse(JSON.stringify(value)),
      )
    }
  })
  it('keeps its options and the sizes of its form: the closed miniature is as wide as it is closed', () => {
    expect(resolvePart('6305/C3', knowledge)).toMatchObject({ kind: 'listed', clearance: 'C3' })
    expect(resolvePart('62/28', knowledge)).toMatchObject({ part: { base: '62/28' } })
    expect(resolvePart('22208EK', knowledge)).toMatchObject({ taper: 12 })
    const closed = knownPart(resolvePart('688ZZ', knowledge))
    expect([closed?.closure.sides, closed?.part.dimensions.width]).toEqual([2, 5])
  })
  it('an own part, one by its rule, one by its sizes; nothing from marks that mean nothing', () => {
    expect(resolvePart('PIER-77', knowledge)).toMatchObject({
      kind: 'own',
      list: 'Pier store',
      part: { dimensions: { bore: 21, outside: 47, width: 15.5 } },
    })
    expect(resolvePart('21 x 47 x 15.5', knowledge, { bySizes: 'deep-groove' })).toMatchObject({
      kind: 'bySizes',
      part: { dimensions: { bore: 21, outside: 47, width: 15.5 } },
    })
    expect(resolvePart('1.5 x 2.328 x 0.5 in', knowledge, { bySizes: 'seal' })).toMatchObject({
      kind: 'bySizes',
      part: { family: 'seal', piece: 'seal', dimensions: { bore: 38.1 } },
    })
    expect(resolvePart('21 x 47 x 15.5', knowledge)).toBeNull()
    expect(resolvePart('47 x 47 x 15', knowledge, { bySizes: 'deep-groove' })).toBeNull()
    expect(resolvePart('XYZ-QQ', knowledge)).toBeNull()
  })
})

describe('sets that come apart (ISO 355, ABMA 19.2)', () => {
  it('every tapered set, inch or metric, is one; a stroke in a number makes none', () => {
    const sets = shipped.catalogue.parts.filter(
      (p) => p.piece === 'complete' && p.family.startsWith('tapered'),
    )
    expect(sets.length).toBeGreaterThan(500)
    for (const { base } of sets) {
      const value = knownPart(resolvePart(base, knowledge, { piece: 'complete' }))
      expect(value && isTaperedSet(value), base).toBe(true)
    }
    for (const text of ['6305/C3', '62/22', 'NK20/16', '22208EK/C3']) {
      const value = knownPart(resolvePart(text, knowledge))
      expect(value && isTaperedSet(value), text).toBe(false)
    }
  })
  it('its rings carry their own sizes only, and run with each other', () => {
    const set = knownPart(resolvePart('30206', knowledge))
    if (!set) throw new Error('30206')
    const [cone, cup] = [ringOfSet(set, 'cone'), ringOfSet(set, 'cup')]
    expect(cone.part).toMatchObject({ piece: 'cone', dimensions: { bore: 30, coneWidth: 16 } })
    expect(cup.part).toMatchObject({ piece: 'cup', dimensions: { outside: 62, cupWidth: 14 } })
    expect(cone.part.series).toBe(cup.part.series)
    expect([cone.part.dimensions.outside, cup.part.dimensions.bore]).toEqual([undefined, undefined])
  })
})
