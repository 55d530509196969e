import fc from 'fast-check'
import { expect, it } from 'vitest'
import { buildNumberIndex, findNumber, markCode } from './numberIndex'

const key = fc.string({ maxLength: 9, unit: fc.constantFrom(...'0123456789ABLMRSXZ/-+#') })

const keyAt = ({ marks, starts }: ReturnType<typeof buildNumberIndex>, n: number): string =>
  String.fromCharCode(...marks.subarray(starts[n], starts[n + 1]))

it('holds every number once for each time it was given, in order', () => {
  fc.assert(
    fc.property(fc.array(key, { maxLength: 40 }), (keys) => {
      const index = buildNumberIndex(keys)
      const stored = Array.from(index.entries, (_, n) => keyAt(index, n))
      expect(stored).toEqual(keys.filter((k) => k !== '').sort())
      index.entries.forEach((entry, n) => expect(keys[entry]).toBe(stored[n]))
    }),
  )
})

it('finds exactly the numbers that are there', () => {
  fc.assert(
    fc.property(fc.array(key, { maxLength: 40 }), key, (keys, wanted) => {
      const found = findNumber(buildNumberIndex(keys), wanted)
      if (wanted !== '' && keys.includes(wanted)) expect(keys[found ?? -1]).toBe(wanted)
      else expect(found).toBeUndefined()
    }),
  )
})

it('marks outside seven bits are one strange mark', () => {
  expect(markCode('Ø')).toBe(markCode('ü'))
  expect(markCode('A')).not.toBe(markCode('Ø'))
})
