import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { withTwins } from './withTwins'

describe('figures of a text with the other system beside them', () => {
  // The inch is 25.4 mm, the pound-force 4.448 222 N, the ounce 28.349 5 g by definition; °F = 1.8 °C + 32.
  it.each([
    ['bore 25.4 mm', 'bore 25.4 mm (1.000 in)'],
    ['20 to 62 mm outside', '20 to 62 mm (0.787 to 2.441 in) outside'],
    ['17 × 40 × 12 mm against 25', '17 × 40 × 12 mm (0.669 × 1.575 × 0.472 in) against 25'],
    ['sets 21.25 + 16.25 mm.', 'sets 21.25 + 16.25 mm (0.8366 + 0.6398 in).'],
    ['−11.8 to +18.4 µm left', '−11.8 to +18.4 µm (−0.0005 to +0.0007 in) left'],
    ['±0.05 mm', '±0.05 mm (±0.0020 in)'],
    ['2.48 kN for it', '2.48 kN (558 lbf) for it'],
    ['at most 120 °C;', 'at most 120 °C (248 °F);'],
    ['about 32 g of grease', 'about 32 g (1.1 oz) of grease'],
    ['1000 g of grease', '1000 g (35.3 oz) of grease'],
    ['20 kN press', '20 kN (4496 lbf) press'],
    ['30.5 mm (1.201 in) inside', '30.5 mm (1.201 in) inside'],
    ['120 °C (245 °F) by plate', '120 °C (245 °F) by plate'],
    ['0 to 1.95 kN (438 lbf at most)', '0 to 1.95 kN (438 lbf at most)'],
    [
      'up to 8.5 kN (or a rod, its washer wider than 59.1 mm (2.327 in))',
      'up to 8.5 kN (1911 lbf) (or a rod, its washer wider than 59.1 mm (2.327 in))',
    ],
    ['6205-2RS, M24x2, 35x52x7, 300 g/m', '6205-2RS, M24x2, 35x52x7, 300 g/m'],
    ['g6 in 2 mm2', 'g6 in 2 mm2'],
  ])('%s', (text, said) => expect(withTwins(text)).toBe(said))

  it('done twice is done once; nothing that stood there is lost', () => {
    const piece = fc.oneof(
      fc.string({ maxLength: 12 }),
      fc
        .tuple(fc.double({ min: -500, max: 500, noNaN: true }), fc.constantFrom('mm', 'µm', 'kN', '°C', 'g'))
        .map(([n, unit]) => `${n.toFixed(2)} ${unit}`),
    )
    fc.assert(
      fc.property(fc.array(piece, { maxLength: 8 }), (pieces) => {
        const text = pieces.join(' ')
        const once = withTwins(text)
        expect(withTwins(once)).toBe(once)
        // What was added stands in parentheses; without it the text is as it was.
        if (!text.includes('(')) expect(once.replace(/ \([^()]* (?:in|lbf|oz|°F)\)/g, '')).toBe(text)
      }),
    )
  })
})
