import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { shipped } from '../../../tests/support/shipped'
import { findPart } from '../catalogue'
import { estimatedRating } from '../life'
import { boltLengths, conversionChanges } from './changes'
import { CONVERSIONS, partsForSeat, presentRating } from './convert'

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
      if (part.shaft === 'fits') expect(Math.abs(part.bore - 25.4)).toBeLessThanOrEqual(0.04)
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

describe('by load, not by least work', () => {
  // Handbook ratings (from memory): 6205 14.0 kN, 30205 and its kin 27 to 36 kN.
  it('ratings by sizes alone are those of handbooks to about a fifth', () => {
    const rating = (base: string) => {
      const part = findPart(catalogue, base)
      return part ? (estimatedRating({ ...part, base: 'unlisted' })?.cKn ?? NaN) : NaN
    }
    for (const [base, kn] of [
      ['6000', 4.6],
      ['6205', 14],
      ['6010', 21.6],
      ['6308', 40.7],
      ['30205', 32],
      ['30208', 62],
      ['32008X', 55],
    ] as const)
      expect(Math.abs(rating(base) / kn - 1), base).toBeLessThan(0.22)
  })
  it('a road stub axle: no thin ball bearing is offered for a tapered pair, and none on a turned shaft unasked', () => {
    const stub = seat(25.4, 50.292, 14.224)
    const now = presentRating('taperedToBall', stub) ?? NaN
    for (const part of partsForSeat(catalogue, 'taperedToBall', stub)) {
      expect(part.ratingKn, part.designation).toBeGreaterThanOrEqual(0.35 * now)
      expect(part.sensible, part.designation).toBe(part.ratingKn >= now && part.shaft !== 'machine')
      if (part.sensible) expect(part.shaft).not.toBe('machine')
    }
  })
  it('what carries its load comes before what is less work, and weak parts are told as such', () =>
    fc.assert(
      fc.property(
        fc.constantFrom(...CONVERSIONS),
        fc.constantFrom(20, 25, 25.4, 30, 35, 40),
        fc.constantFrom(1.9, 2, 2.1),
        fc.double({ min: 0.2, max: 12, noNaN: true }),
        (kind, shaft, ratio, radialKn) => {
          const load = { radialKn, axialKn: 0, rpm: 300, wantedHours: 5000 }
          const parts = partsForSeat(catalogue, kind, seat(shaft, shaft * ratio, 16), load)
          const order = parts.map((p) => (p.sensible ? 0 : 1))
          expect(order).toEqual([...order].sort())
          for (const p of parts) {
            expect(p.carries).not.toBe('notKnown')
            if (p.carries === 'less') expect(p.message).toContain('Too weak')
            expect(p.sensible && p.carries !== 'enough').toBe(false)
          }
        },
      ),
      { numRuns: 60 },
    ))
  // 2 7/16 in is 61.9125 mm: a ring of 62 mm is 88 µm tight in it.
  it('an inch seat and its metric twin: the gap in micrometres, and the inch size named', () => {
    const [part] = partsForSeat(catalogue, 'bushToBall', seat(30, 61.9125, 16)).filter(
      (p) => p.outside === 62,
    )
    expect(part?.housing).toBe('near')
    expect(Math.abs((part?.housingOffUm ?? 0) - 87.5)).toBeLessThan(1)
    expect(part?.message).toMatch(/an inch size of 61\.91\d* mm is 8[78] µm tight/)
  })
  it('nothing that fits within three hundredths of the other system is told as fitting', () => {
    for (const [shaft, housing] of [
      [25, 50.8],
      [38.1, 62],
      [30, 61.9125],
    ] as const)
      for (const p of partsForSeat(catalogue, 'bushToBall', seat(shaft, housing, 16))) {
        if (p.shaft === 'fits') expect(Math.abs(p.shaftOffUm)).toBeLessThanOrEqual(40)
        if (p.housing === 'fits') expect(Math.abs(p.housingOffUm)).toBeLessThanOrEqual(40)
      }
  })
})

describe('the bolt that holds it', () => {
  // Engagement of one diameter in steel (common practice): M10 in 18 mm of thread, 40 mm clamped: 50 to 58 mm.
  it('is as long as its thread asks, and no longer than its hole', () => {
    expect(boltLengths({ clampedMm: 40, threadMm: 10, depthMm: 18 }, 0)).toEqual({
      shortestMm: 50,
      longestMm: 58,
    })
    expect(boltLengths({ clampedMm: 40, threadMm: 10, depthMm: 18 }, 6)).toEqual({
      shortestMm: 56,
      longestMm: 64,
    })
    expect(boltLengths({ clampedMm: 40, threadMm: 10, depthMm: 8 }, 0)).toBeNull()
  })
  it('a thread too short for any bolt is said', () => {
    const [part] = partsForSeat(catalogue, 'bushToBall', seat(25, 52, 15))
    if (!part) throw new Error('nothing fits')
    const fastener = { clampedMm: 40, threadMm: 10, depthMm: 8 }
    const changes = conversionChanges('bushToBall', [part, part], false, fastener)
    expect(changes.find((c) => c.what === 'Fastener')?.message).toContain('no bolt holds')
    expect(changes.map((c) => c.what)).toContain('Held by')
    expect(changes.map((c) => c.what)).not.toContain('Spacer')
  })
})

it('a wider pair asks for a longer fastener by just that', () => {
  const [part] = partsForSeat(catalogue, 'ballToTapered', seat(25, 52, 15))
  if (!part) throw new Error('nothing fits')
  const fastener = conversionChanges('ballToTapered', [part, part], true).find((c) => c.what === 'Fastener')
  expect(fastener?.message).toContain(`${String(Math.round(part.widthChangeMm * 2 * 1000) / 1000)} mm longer`)
})
