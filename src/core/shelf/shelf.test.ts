import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { buildShelf, codeOf } from '.'
import { packTexts, textAt } from './packedTexts'
import { sizeTable } from './sizeTable'

it('packed texts come out as they went in, in any script', () => {
  fc.assert(
    fc.property(fc.array(fc.string({ unit: 'grapheme', maxLength: 60 }), { maxLength: 200 }), (texts) => {
      const packed = packTexts(texts)
      texts.forEach((text, n) => expect(textAt(packed, n)).toBe(text))
    }),
  )
})

const size = fc.oneof(
  { weight: 9, arbitrary: fc.integer({ min: 10, max: 60 }).map((tenths) => tenths / 10) },
  { weight: 1, arbitrary: fc.constant(NaN) },
)

describe('size table', () => {
  it('lists the parts of every size, those without a size last', () => {
    fc.assert(
      fc.property(fc.array(size, { maxLength: 80 }), (sizes) => {
        const { distinct, codes, parts, starts } = sizeTable(Float64Array.from(sizes))
        expect([...distinct]).toEqual(
          [...new Set(sizes.filter((mm) => !Number.isNaN(mm)))].sort((a, b) => a - b),
        )
        for (let c = 0; c <= distinct.length; c++) {
          const listed = [...parts.slice(starts[c], starts[c + 1])]
          const plain = sizes.flatMap((mm, n) => (Object.is(mm, distinct[c] ?? NaN) ? [n] : []))
          expect(listed).toEqual(plain)
          for (const n of listed) expect(codes[n]).toBe(c)
        }
      }),
    )
  })
  it('finds the place of a size as a scan does', () => {
    fc.assert(
      fc.property(
        fc.uniqueArray(fc.integer({ min: 0, max: 50 })),
        fc.integer({ min: -5, max: 55 }),
        (list, mm) => {
          const sorted = Float64Array.from(list.sort((a, b) => a - b))
          const plain = sorted.findIndex((x) => x >= mm)
          expect(codeOf(sorted, mm)).toBe(plain === -1 ? sorted.length : plain)
        },
      ),
    )
  })
})

it('gives back the parts it was built from', () => {
  const shelf = buildShelf({
    designations: ['Winch bush', 'Organ pivot'],
    sizes: {
      bore: Float64Array.of(38.4, 4.6),
      outside: Float64Array.of(57.9, 11.3),
      width: Float64Array.of(24.2, NaN),
    },
    listOf: Uint16Array.of(0, 1),
    lists: [
      { kind: 'own', text: 'Pier store', verified: true },
      { kind: 'supplier', text: 'Harbour list', verified: true },
    ],
  })
  expect(shelf.part(0)).toMatchObject({
    base: 'Winch bush',
    family: 'own',
    dimensions: { bore: 38.4, outside: 57.9, width: 24.2 },
    provenance: { kind: 'own' },
  })
  expect(shelf.part(1).dimensions).toEqual({ bore: 4.6, outside: 11.3 })
  expect(shelf.part(1).provenance.text).toBe('Harbour list')
  expect(shelf.part(1)).toBe(shelf.part(1))
})
