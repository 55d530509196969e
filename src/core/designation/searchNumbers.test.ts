import { distance } from 'fastest-levenshtein'
import { expect, it } from 'vitest'
import { shipped } from '../../../tests/support/shipped'
import { glyphs, namesOf, numberKey } from '../catalogue'
import { EXTRA, LOST_NONE, LOST_ONE, LOST_RUN_MARK, MISSED } from './editCosts'
import { confusionCost } from './lookAlikes'
import { searchAll } from './searchNumbers'

/** The slow twin: one full table of edit costs for one name. */
function plainCost(text: string, name: string): number {
  const cost = Array.from({ length: name.length + 1 }, () =>
    new Array<number>(text.length + 1).fill(Infinity),
  )
  const at = (i: number, j: number): number => cost[i]?.[j] ?? Infinity
  for (let i = 0; i <= name.length; i++)
    for (let j = 0; j <= text.length; j++) {
      if (i === 0 && j === 0) {
        cost[0]?.splice(0, 1, 0)
        continue
      }
      const read = text[j - 1] ?? ''
      const skip = read === '*' ? 0 : read === '?' ? LOST_NONE : EXTRA
      const take =
        read === '?' ? LOST_ONE : read === '*' ? LOST_RUN_MARK : confusionCost(read, name[i - 1] ?? '')
      const miss = text[j - 1] === '*' && j > 0 ? LOST_RUN_MARK : MISSED
      cost[i]?.splice(
        j,
        1,
        Math.min(
          j > 0 ? at(i, j - 1) + skip : Infinity,
          i > 0 && j > 0 ? at(i - 1, j - 1) + take : Infinity,
          i > 0 ? at(i - 1, j) + miss : Infinity,
        ),
      )
    }
  return at(name.length, text.length)
}

const names = shipped.catalogue.parts
  .filter((p) => p.piece !== 'hardware' && p.piece !== 'seal')
  .flatMap((part) =>
    namesOf(part)
      .map(({ text }) => numberKey(text))
      .flatMap((key) => (part.set ? [key, key.replace('/', '')] : [key]))
      .map((key) => ({ key, base: part.base })),
  )

const { index, named } = shipped.catalogue.numbers
const search = (text: string) =>
  searchAll(index, glyphs(text)).map((m) => ({ ...m, base: named(m.entry)?.part.base ?? '' }))

it('the walk of the sorted numbers finds what a full table for every name finds', () => {
  for (const text of [
    '6205',
    '62O5',
    '6?05',
    'LM119?9',
    'LM11?1*',
    'LM1274',
    '620S',
    '*749',
    'R8',
    'MR1Z6',
  ]) {
    const ours = new Map<string, number>()
    for (const { base, end, cost } of search(text))
      if (end === text.length) ours.set(base, Math.min(cost, ours.get(base) ?? Infinity))
    const plain = new Map<string, number>()
    for (const { key, base } of names) {
      const cost = plainCost(text, key)
      if (cost <= 9) plain.set(base, Math.min(cost, plain.get(base) ?? Infinity))
    }
    for (const [base, cost] of plain) expect(ours.get(base), `${text} → ${base}`).toBeCloseTo(cost, 9)
  }
})

it('without look-alikes and lost marks it is the plain edit distance', () => {
  // One substitution of unlike marks, one extra, one missed: distance 1 by the reference library too.
  for (const [text, name] of [
    ['6X05', '6205'],
    ['62X05', '6205'],
    ['605', '6205'],
  ] as const) {
    expect(distance(text, name)).toBe(1)
    const match = search(text).find((m) => m.base === name && m.end === text.length)
    expect(match?.cost).toBeGreaterThan(4)
    expect(match?.cost).toBeLessThan(7)
  }
})
