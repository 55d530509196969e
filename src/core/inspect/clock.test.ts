import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { clockText, originOf, placeText, positionText, rowText } from './clock'
import { DAMAGE } from './findings'

const mode = (id: string) => {
  const found = DAMAGE.find((m) => m.id === id)
  if (!found) throw new Error(id)
  return found
}
const SPALLING = mode('spalling')
const ALL = Array.from({ length: 12 }, (_, i) => i + 1)

describe('where on a ring something was seen', () => {
  it.each([
    [[], ''],
    [[6], 'at 6 o’clock'],
    [[7, 5, 6], 'from 5 to 7 o’clock'],
    [[12, 1, 11], 'from 11 to 1 o’clock'],
    [[3, 9], 'at 3 and 9 o’clock, opposite each other'],
    [[2, 3, 8, 9], 'at 2 to 3 and 8 to 9 o’clock, opposite each other'],
    [[1, 4], 'at 1 and 4 o’clock'],
    [[2, 6, 10], 'at 2 and 6 and 10 o’clock'],
    [ALL, 'all round'],
  ])('%j is “%s”', (hours, text) => {
    expect(clockText(hours)).toBe(text)
  })
  it('turned by any number of hours the pattern is the same one, and what is told names the hours again', () => {
    fc.assert(
      fc.property(
        fc.uniqueArray(fc.integer({ min: 1, max: 12 }), { minLength: 1 }),
        fc.nat(11),
        (hours, by) => {
          const turned = hours.map((hour) => ((hour - 1 + by) % 12) + 1)
          expect(positionText('race', turned, SPALLING)).toBe(positionText('race', hours, SPALLING))
          const named = clockText(hours) === 'all round' ? ALL : namedIn(clockText(hours))
          expect(named.sort((a, b) => a - b)).toEqual([...hours].sort((a, b) => a - b))
        },
      ),
    )
  })
  // Patterns of raceway tracks: common practice, as in handbooks of bearing damage.
  it.each([
    [[5, 6, 7], 'One place'],
    [[6, 12], 'squeezed out of round'],
    [[1, 6], 'squeezed out of round'],
    [[1, 5], null],
    [ALL, 'All round'],
    [[2, 6, 10], null],
  ])('%j on a raceway: %s', (hours, text) => {
    if (text === null) expect(positionText('race', hours, SPALLING)).toBeNull()
    else expect(positionText('bearing', hours, SPALLING)).toContain(text)
  })
  it('says nothing of a load where there is no raceway', () => {
    expect(positionText('seal', [6], SPALLING))
    expect(positionText('race', [6], mode('corrosion'))).toBeNull()
    expect(rowText('seal', 'inboard', SPALLING)).toBeNull()
  })
  it.each([
    [{}, ''],
    [{ at: [6] }, 'at 6 o’clock'],
    [{ row: 'inboard' }, 'on the inboard row'],
    [{ row: 'both', at: [5, 6] }, 'on both rows, from 5 to 6 o’clock'],
  ] as const)('%j is told as “%s”', (place, text) => {
    expect(placeText(place)).toBe(text)
  })
  // One row that carries the axial load spalls alone, what comes in reaches the row at its side first: common practice.
  it.each([
    ['outboard', 'spalling', 'axial load'],
    ['inboard', 'heatColour', 'axial load'],
    ['inboard', 'corrosion', 'came in from that side'],
    ['both', 'particleDents', 'from both sides'],
    ['both', 'scoring', 'nothing that presses one way'],
    ['outboard', 'fluting', null],
    [undefined, 'spalling', null],
  ] as const)('%s, %s: %s', (row, damage, text) => {
    if (text === null) expect(rowText('race', row, mode(damage))).toBeNull()
    else expect(rowText('bearing', row, mode(damage))).toContain(text)
  })
  it('each damage of a raceway speaks of load, of what got in, or of neither', () => {
    const of = (origin: string | null) =>
      DAMAGE.filter((m) => m.parts.includes('bearing') && originOf(m) === origin).map(({ id }) => id)
    expect(of('contamination')).toEqual([
      'ballStiff',
      'slidingScored',
      'slidingRust',
      'clutchDrags',
      'treadFlat',
      'ballSeatStuck',
      'pitting',
      'abrasion',
      'particleDents',
      'corrosion',
      'rough',
    ])
    expect(of(null)).toEqual([
      'clutchWrongWay',
      'falseBrinelling',
      'trueBrinelling',
      'fluting',
      'arcCraters',
      'crack',
      'play',
      'seatFretting',
    ])
  })
})

/** The hours that words name, from each first to its last. */
function namedIn(text: string): number[] {
  return [...text.matchAll(/(\d+)(?: to (\d+))?/g)].flatMap(([, from, to = from]) => {
    const hours = [Number(from)]
    while (hours.at(-1) !== Number(to)) hours.push(((hours.at(-1) ?? 0) % 12) + 1)
    return hours
  })
}
