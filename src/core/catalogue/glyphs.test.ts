import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { shipped } from '../../../tests/support/shipped'
import { exactKey, glyphs, isSameNumber, namesOf, numberKey } from '.'

const marks = (text: string): string =>
  glyphs(text)
    .map(({ char }) => char)
    .join('')

/** Marks as people type them: plain letters, gaps, signs of other keyboards. */
const typed = fc.oneof(
  fc.string({ unit: fc.constantFrom(...'ABCxyz0189 -_.,/()[]?*+') }),
  fc.string({ unit: fc.constantFrom(...'Aß×…½Ｎ６ –—‐é²') }),
  fc.string(),
)

describe('the key of a number', () => {
  it('is its marks without gaps, however it is typed', () => {
    fc.assert(
      fc.property(typed, (text) => {
        expect(numberKey(text)).toBe(marks(text))
      }),
      { numRuns: 2000 },
    )
  })
  it('is the same for every name of every part and for its marks', () => {
    const other = shipped.catalogue.parts.flatMap((part) =>
      namesOf(part).filter(({ text }) => numberKey(text) !== marks(text)),
    )
    expect(other).toEqual([])
  })
  it('stays itself, and knows neither case nor spaces and dashes', () => {
    fc.assert(
      fc.property(typed, (text) => {
        expect(numberKey(numberKey(text))).toBe(numberKey(text))
        expect(numberKey(` ${text}-`)).toBe(numberKey(text))
      }),
    )
    expect(numberKey('nu 205 – c3')).toBe('NU205C3')
    expect(numberKey('35×52×7')).toBe('35X52X7')
    expect(numberKey('Ｎ６')).toBe('N6')
  })
})

it('a gap between digits is part of the number, elsewhere it is not', () => {
  for (const [text, key] of [
    ['R 1-4', 'R1-4'],
    ['R14', 'R14'],
    ['1.5', '1.5'],
    ['1-5', '1-5'],
    ['NU 205-E', 'NU205E'],
    ['6205 2RS', '6205-2RS'],
  ] as const)
    expect(exactKey(glyphs(text)), text).toBe(key)
  expect(isSameNumber(glyphs('r1 4'), 'R1-4')).toBe(true)
  expect(isSameNumber(glyphs('r14'), 'R1-4')).toBe(false)
  // Inserts are also written without their dash.
  expect(isSameNumber(glyphs('UC20516'), 'UC205-16')).toBe(true)
  expect(isSameNumber(glyphs('620510'), '6205-10')).toBe(false)
})
