import { describe, expect, it } from 'vitest'
import { shipped } from '../../../tests/support/shipped'
import type { Part } from '../catalogue'
import { familyTraps } from './familyTraps'
import { isNearSize } from './sameSize'
import type { Trap } from './trap'
import { trapsOf } from '.'

/** How many look-alikes of each sort are told, over the whole catalogue: enough to be warned, not so many that nobody reads them. */
const { catalogue } = shipped
const count = (traps: readonly { why: string }[], words: string) =>
  traps.filter(({ why }) => why.includes(words)).length

const sameRings = (a: Part) => (b: Part) =>
  Math.abs((a.dimensions.bore ?? NaN) - (b.dimensions.bore ?? NaN)) < 0.0065 &&
  Math.abs((a.dimensions.outside ?? NaN) - (b.dimensions.outside ?? NaN)) < 0.0065
const alike = (part: Part, families: readonly string[]) =>
  catalogue.parts.filter((other) => families.includes(other.family) && sameRings(part)(other)).length

describe('twins by kind', () => {
  it.each([
    ['insert', ['deep-groove'], 'a straight outside and a short inner ring', 2],
    ['deep-groove', ['insert'], 'but an insert: round outside', 1],
    ['one-way-clutch', ['deep-groove', 'needle'], 'but a bearing: it turns both ways', 2],
    ['deep-groove', ['one-way-clutch'], 'but a one-way clutch', 2],
    ['needle', ['one-way-clutch'], 'but a one-way clutch', 2],
  ] as const)('of %s: those of %s with its bore and outside', (family, others, words, most) => {
    const own = catalogue.parts.filter((part) => part.family === family && !part.housing)
    const there = own.map((part) => alike(part, others))
    own.forEach((part, i) =>
      expect(count(familyTraps(part, catalogue), words), part.base).toBe(Math.min(most, there[i] ?? 0)),
    )
    expect(Math.max(...there)).toBeGreaterThan(0)
  })
})

it('near sizes of hardware are six at most; of bearings eight by size, four of one size, four by number', () => {
  const looksAlike = (piece: Part['piece'], step: number): Trap[][] =>
    catalogue.parts
      .filter((part) => part.piece === piece && !part.housing)
      .filter((_, i) => i % step === 0)
      .map((part) => trapsOf(part, catalogue))
  const [hardware, bearings] = [looksAlike('hardware', 8), looksAlike('complete', 30)]
  const most = (lists: Trap[][], of: (traps: Trap[]) => number) => Math.max(...lists.map(of))
  expect(most(hardware, (traps) => traps.length)).toBe(6)
  expect(most(bearings, (traps) => count(traps, 'Similar size'))).toBe(8)
  expect(most(bearings, (traps) => count(traps, 'made for other loads'))).toBe(4)
  expect(most(bearings, (traps) => traps.filter(({ kind }) => kind === 'number').length)).toBe(4)
})

it.each([
  [25, 26.587, true],
  [25, 26.589, false],
  [25, 23.413, true],
  [25, 23.411, false],
  [100, 102, true],
  [100, 102.01, false],
] as const)(
  '%f and %f are near: a sixteenth of an inch, or two hundredths where that is more',
  (a, b, near) => expect(isNearSize(a, b)).toBe(near),
)
