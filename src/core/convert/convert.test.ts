import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { shipped } from '../../../tests/support/shipped'
import { conversionChanges, CONVERSIONS, partsForSeat } from './convert'

const { catalogue } = shipped
const seat = (shaftMm: number, housingMm: number, widthMm: number) => ({ shaftMm, housingMm, widthMm })

describe('parts for a seat', () => {
  it('a bush of 25 × 52 gives way to 6205, and 30205 to it', () => {
    expect(partsForSeat(catalogue, 'bushToBall', seat(25, 52, 20))[0]).toMatchObject({
      designation: '6205',
      shaft: 'fits',
      housing: 'fits',
      widthChangeMm: -5,
    })
    expect(partsForSeat(catalogue, 'ballToTapered', seat(25, 52, 15)).map((p) => p.designation)).toContain(
      '30205',
    )
  })
  it('an inch seat is not offered a metric ring as fitting: 25.4 is not 25', () => {
    for (const part of partsForSeat(catalogue, 'taperedToBall', seat(25.4, 50.292, 14.224)))
      if (part.shaft === 'fits') expect(Math.abs(part.bore - 25.4)).toBeLessThanOrEqual(0.1)
  })
  it('every offer can be made: sleeves have a wall, at most one seat is cut', () =>
    fc.assert(
      fc.property(
        fc.constantFrom(...CONVERSIONS),
        fc.double({ min: 8, max: 90, noNaN: true }),
        fc.double({ min: 8, max: 70, noNaN: true }),
        (kind, shaft, more) => {
          const parts = partsForSeat(catalogue, kind, seat(shaft, shaft + more, 15))
          for (const p of parts) {
            if (p.shaft === 'sleeve') expect((p.bore - shaft) / 2).toBeGreaterThanOrEqual(1.5)
            if (p.housing === 'sleeve') expect((shaft + more - p.outside) / 2).toBeGreaterThanOrEqual(1.5)
            expect([p.shaft, p.housing]).not.toEqual(['machine', 'machine'])
          }
        },
      ),
      { numRuns: 40 },
    ))
})

it('a wider pair asks for a longer fastener by just that', () => {
  const [part] = partsForSeat(catalogue, 'ballToTapered', seat(25, 52, 15))
  if (!part) throw new Error('nothing fits')
  const fastener = conversionChanges('ballToTapered', [part, part]).find((c) => c.what === 'Fastener')
  expect(fastener?.words).toContain(`${String(Math.round(part.widthChangeMm * 2 * 1000) / 1000)} mm longer`)
})
