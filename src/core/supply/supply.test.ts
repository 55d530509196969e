import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { shipped, shippedKnowledge } from '../../../tests/support/shipped'
import { partKeyOf } from '../designation'
import { arrangementOf, proposeKit } from '../kit'
import { everyWay } from '../../../tests/support/everyWay'
import { bestBasket, mergeLines, type Offer } from '.'

describe('best basket', () => {
  it('finds what looking at every way finds', () => {
    const supplier = fc.constantFrom('a', 'b', 'c')
    const small = fc.record({
      quantities: fc.array(fc.integer({ min: 1, max: 9 }), { minLength: 1, maxLength: 6 }),
      offers: fc.array(
        fc.record({
          line: fc.integer({ min: 0, max: 5 }),
          supplier,
          pricePerPiece: fc.integer({ min: 1, max: 60 }),
          pack: fc.constantFrom(1, 2, 5),
          leadTimeDays: fc.integer({ min: 1, max: 6 }),
        }),
        { minLength: 1, maxLength: 15 },
      ),
      freight: fc.array(fc.integer({ min: 0, max: 80 }), { minLength: 3, maxLength: 3 }),
      freeFrom: fc.array(fc.option(fc.integer({ min: 1, max: 300 })), { minLength: 3, maxLength: 3 }),
      dayWorth: fc.constantFrom(0, 0, 7),
    })
    fc.assert(
      fc.property(small, ({ quantities, offers, freight, freeFrom, dayWorth }) => {
        const lines = quantities.map((quantity, i) => ({ designation: String(i), quantity }))
        const terms = ['a', 'b', 'c'].map((s, i) => ({
          supplier: s,
          freight: freight[i] ?? 0,
          freeFrom: freeFrom[i] ?? null,
        }))
        const given = offers.filter((o) => o.line < lines.length)
        if (given.length === 0) return
        const basket = bestBasket(lines, given, terms, dayWorth)
        expect(basket.exact).toBe(true)
        expect(basket.total + dayWorth * basket.leadTimeDays).toBe(everyWay(lines, given, terms, dayWorth))
        for (const pick of basket.picks)
          expect(pick.pieces).toBeGreaterThanOrEqual(lines[pick.line]?.quantity ?? 0)
        expect(basket.picks.length + basket.missing.length).toBe(lines.length)
      }),
      { numRuns: 400, seed: 7 },
    )
  })
  it('buys a little dearer where that saves the freight', () => {
    const offer = (line: number, supplier: string, pricePerPiece: number): Offer => ({
      line,
      supplier,
      pricePerPiece,
      pack: 1,
      leadTimeDays: 2,
    })
    const lines = [
      { designation: 'x', quantity: 1 },
      { designation: 'y', quantity: 1 },
    ]
    const terms = [
      { supplier: 'a', freight: 5, freeFrom: 20 },
      { supplier: 'b', freight: 5, freeFrom: null },
    ]
    const basket = bestBasket(lines, [offer(0, 'a', 10), offer(1, 'a', 10), offer(1, 'b', 9)], terms)
    expect(basket).toMatchObject({ subtotal: 20, freight: 0, total: 20 })
  })
  it('names what nobody offers', () =>
    expect(bestBasket([{ designation: 'x', quantity: 1 }], [], [])).toMatchObject({ missing: [0], total: 0 }))
})

describe('one list over many kits', () => {
  const coach = proposeKit(
    arrangementOf('A1'),
    {
      positions: 4,
      parts: { innerCone: 'L68149', innerCup: 'L68110', outerCone: 'LM12749', outerCup: 'LM12710' },
      sizes: { sealShaft: 42, sealHousing: 62, sealWidth: 8, hubMouth: 45.24 },
      thread: '3/4-16',
    },
    shippedKnowledge,
  )
  const roller = (bearing: string, positions: number) =>
    proposeKit(
      arrangementOf('B1'),
      {
        positions,
        parts: {
          bearing,
          sealLeft: 'none',
          sealRight: 'none',
          wheelSpacerLeft: 'keep',
          wheelSpacerRight: 'keep',
        },
        reasons: { sealLeft: 'the bearings are sealed', sealRight: 'the bearings are sealed' },
        sizes: { spacerLength: 46 },
      },
      shippedKnowledge,
    )
  const partKey = (d: string) => partKeyOf(d, shipped)
  it('a coach: four wheel ends, two different sets at each, every part times four', () => {
    const list = mergeLines([{ name: 'Coach 1', lines: coach.lines }], partKey)
    for (const part of ['L68149', 'L68110', 'LM12749', 'LM12710', '42x62x8'])
      expect(list.find((l) => l.designation === part)?.quantity).toBe(4)
  })
  it('what means the same is one line, whatever convention spells it', () => {
    const list = mergeLines(
      [
        { name: 'Roller 12', lines: roller('6205-2RS', 1).lines },
        { name: 'Roller 13', lines: roller('6205DDU', 2).lines },
      ],
      partKey,
    )
    expect(list.filter((l) => l.designation.startsWith('6205'))).toMatchObject([
      {
        quantity: 6,
        wantedBy: [
          { kit: 'Roller 12', quantity: 2 },
          { kit: 'Roller 13', quantity: 4 },
        ],
      },
    ])
    expect(list.find((l) => l.unit === 'g')?.quantity).toBe(15)
  })
})
