/**
 * Interchange list, kit proposal, best basket and label sheet, in-process, median and p99 of many rounds. The basket
 * stands beside a plain look at every way, on cases small enough for it: both must find the same sum.
 */
import { performance } from 'node:perf_hooks'
import { equivalentsOf, trapsOf, variantOf } from '@/core/interchange'
import { arrangementOf, ARRANGEMENTS, proposeKit } from '@/core/kit'
import { bestBasket, type Offer } from '@/core/supply'
import { labelSheet } from '@/services/print/labelsPdf'
import { shipped, shippedKnowledge } from '../tests/support/shipped'
import { row, timed } from './timing'
import { everyWay } from '../tests/support/everyWay'

/** Figures that look like chance and are the same in every run. */
function chance(seed: number): () => number {
  let state = seed
  return () => {
    state = (Math.imul(state, 1664525) + 1013904223) >>> 0
    return state / 2 ** 32
  }
}

const NUMBERS = [
  '6205-2RS',
  '6203/C3',
  '30206',
  'L68149/L68110',
  '6003ZZ',
  'NU208',
  '22210',
  'R8',
  '688',
  '7205B',
]
row(
  'interchange list with traps',
  timed(200, (i) => {
    const number = NUMBERS[i % NUMBERS.length] ?? ''
    const variant = variantOf(number, shipped)
    if (!variant) throw new Error(`${number} of the bench is not in the catalogue`)
    return [equivalentsOf(variant, shipped), trapsOf(variant.part, shipped.catalogue)]
  }),
)
const codes = [...ARRANGEMENTS.keys()]
row(
  'kit proposal, every arrangement in turn',
  timed(330, (i) =>
    proposeKit(
      arrangementOf(codes[i % codes.length] ?? ''),
      {
        positions: 4,
        parts: { innerBearing: 'L68149/L68110', outerBearing: 'LM12749/LM12710', bearing: '6205-2RS' },
        sizes: { sealShaft: 42, sealHousing: 62, shaft: 25, housing: 52, cavityLength: 48 },
      },
      shippedKnowledge,
    ),
  ),
)

function basketCase(lines: number, seed: number) {
  const next = chance(seed)
  const wanted = Array.from({ length: lines }, (_, i) => ({
    designation: `part ${i}`,
    quantity: 1 + Math.floor(next() * 12),
  }))
  const offers = wanted.flatMap((_, line): Offer[] => {
    const price = 80 + Math.floor(next() * 2500)
    return ['a', 'b', 'c'].flatMap((supplier) =>
      next() < 0.88
        ? [
            {
              line,
              supplier,
              pricePerPiece: Math.round(price * (0.85 + 0.3 * next())),
              pack: next() < 0.2 ? 5 : 1,
              leadTimeDays: 2 + Math.floor(next() * 6),
            },
          ]
        : [],
    )
  })
  const terms = [
    { supplier: 'a', freight: 650, freeFrom: 12_000 },
    { supplier: 'b', freight: 900, freeFrom: 20_000 },
    { supplier: 'c', freight: 400, freeFrom: null },
  ]
  return { wanted, offers, terms }
}
const small = Array.from({ length: 30 }, (_, i) => basketCase(8, 100 + i))
row(
  'every way, 8 lines × 3 suppliers',
  timed(30, (i) => {
    const c = small[i % 30]
    return c && everyWay(c.wanted, c.offers, c.terms, 0)
  }),
)
row(
  'best basket, 8 lines × 3 suppliers',
  timed(30, (i) => {
    const c = small[i % 30]
    return c && bestBasket(c.wanted, c.offers, c.terms)
  }),
)
const same = small.filter(
  (c) => bestBasket(c.wanted, c.offers, c.terms).total === everyWay(c.wanted, c.offers, c.terms, 0),
).length
console.log(`same optimum in ${same} of ${small.length} small cases`)
const large = Array.from({ length: 20 }, (_, i) => basketCase(40, 500 + i))
row(
  'best basket, 40 lines × 3 suppliers',
  timed(40, (i) => {
    const c = large[i % 20]
    return c && bestBasket(c.wanted, c.offers, c.terms)
  }),
)
row(
  'the same, a day of waiting worth 5.00',
  timed(40, (i) => {
    const c = large[i % 20]
    return c && bestBasket(c.wanted, c.offers, c.terms, 500)
  }),
)
console.log(
  `exact in ${large.filter((c) => bestBasket(c.wanted, c.offers, c.terms, 500).exact).length} of ${large.length} large cases`,
)

const labels = Array.from({ length: 100 }, (_, i) => ({
  code: `6205-2RS-${i}`,
  heading: '6205-2RS',
  lines: ['Bin A1', 'Carousel', 'Minimum 12'],
}))
const sheets: number[] = []
for (let i = 0; i < 5; i++) {
  const began = performance.now()
  await labelSheet(labels, 'Bench')
  sheets.push(performance.now() - began)
}
row('label sheet of 100', sheets)
