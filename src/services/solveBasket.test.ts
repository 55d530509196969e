import fc from 'fast-check'
import { expect, it } from 'vitest'
import { bestBasket, type Offer } from '@/core/supply'
import { solveBasket } from './solveBasket'

// The solver against looking at every set of suppliers: both must find the same sum.
const NAMES = ['a', 'b', 'c', 'd', 'e']
const cases = fc.record({
  quantities: fc.array(fc.integer({ min: 1, max: 9 }), { minLength: 1, maxLength: 6 }),
  offers: fc.array(
    fc.record({
      line: fc.integer({ min: 0, max: 5 }),
      supplier: fc.constantFrom(...NAMES),
      pricePerPiece: fc.integer({ min: 1, max: 900 }),
      pack: fc.constantFrom(1, 2, 5),
      leadTimeDays: fc.integer({ min: 1, max: 6 }),
    }),
    { minLength: 1, maxLength: 20 },
  ),
  freight: fc.array(fc.integer({ min: 0, max: 800 }), { minLength: 5, maxLength: 5 }),
  freeFrom: fc.array(fc.option(fc.integer({ min: 1, max: 5000 })), { minLength: 5, maxLength: 5 }),
  dayWorth: fc.constantFrom(0, 0, 70),
})

it('finds what looking at every set of suppliers finds, and every line once', async () => {
  await fc.assert(
    fc.asyncProperty(cases, async ({ quantities, offers, freight, freeFrom, dayWorth }) => {
      const lines = quantities.map((quantity, i) => ({ designation: String(i), quantity }))
      const terms = NAMES.map((supplier, i) => ({
        supplier,
        freight: freight[i] ?? 0,
        freeFrom: freeFrom[i] ?? null,
      }))
      const given = offers.filter((o) => o.line < lines.length)
      const solved = await solveBasket(lines, given, terms, dayWorth)
      if (given.length === 0) {
        expect(solved).toBeNull()
        return
      }
      const best = bestBasket(lines, given, terms, dayWorth)
      expect(solved).toMatchObject({ gapPercent: 0, basket: { exact: true, missing: best.missing } })
      const { basket } = solved ?? { basket: best }
      expect(basket.total + dayWorth * basket.leadTimeDays).toBe(best.total + dayWorth * best.leadTimeDays)
      expect(basket.picks.map(({ line }) => line).sort()).toEqual(best.picks.map(({ line }) => line).sort())
    }),
    { numRuns: 60, seed: 11 },
  )
})

it('twelve suppliers and thirty lines, where looking at every set would take minutes', async () => {
  const lines = Array.from({ length: 30 }, (_, i) => ({ designation: String(i), quantity: 1 + (i % 5) }))
  const suppliers = Array.from({ length: 12 }, (_, s) => `s${s}`)
  const offers = lines.flatMap((_, line) =>
    suppliers.flatMap((supplier, s): Offer[] =>
      (line * 7 + s * 5) % 3 === 0
        ? []
        : [
            {
              line,
              supplier,
              pricePerPiece: 200 + ((line * 31 + s * 17) % 90),
              pack: 1 + (s % 2),
              leadTimeDays: 1 + (s % 4),
            },
          ],
    ),
  )
  const terms = suppliers.map((supplier, s) => ({
    supplier,
    freight: 300 + 40 * s,
    freeFrom: s % 3 === 0 ? null : 4000,
  }))
  const solved = await solveBasket(lines, offers, terms, 0)
  expect(solved?.basket.picks).toHaveLength(30)
  expect(solved?.gapPercent).toBeLessThan(5)
}, 30_000)
