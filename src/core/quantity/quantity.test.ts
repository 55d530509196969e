import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import {
  endsInUnit,
  guessUnits,
  lengthInMm,
  lengthProblemText,
  MM_PER_INCH,
  readLength,
  roundingStep,
  lengthBeside,
  readForm,
  readStackOf,
  toMm,
  writeInch,
  type FormRole,
  type SizeRole,
} from '.'

const typed = (text: string) => {
  const read = readLength(text)
  if (!read.ok) throw new Error(`${text}: ${read.problem.code}`)
  return read.value
}

describe('readLength', () => {
  it.each([
    ['1 3/8', 1.375, null],
    ['1-3/8', 1.375, null],
    ['1 - 3/8', 1.375, null],
    ['1+3/8', 1.375, null],
    ['1⅜', 1.375, null],
    ['⅝"', 0.625, 'in'],
    ['1 3⁄8”', 1.375, 'in'],
    ['1.378', 1.378, null],
    ['35', 35, null],
    ['35,0', 35, null],
    ['15/16"', 0.9375, 'in'],
    ["15/16''", 0.9375, 'in'],
    ['62mm', 62, 'mm'],
    ['62 MM', 62, 'mm'],
    ['6,2 cm', 62, 'mm'],
    ['.9843in', 0.9843, 'in'],
    ['0.74 inch', 0.74, 'in'],
    ['Ø 52', 52, null],
    ['⌀25.4 mm', 25.4, 'mm'],
    [' 35.  ', 35, null],
    ['１２', 12, null],
  ])('reads %s', (text, value, stated) => {
    expect(typed(text)).toMatchObject({ stated })
    expect(typed(text).value).toBeCloseTo(value, 12)
  })

  it.each([
    ['', 'empty'],
    ['abc', 'notALength'],
    ['mm', 'notALength'],
    ['.', 'notALength'],
    ['1/', 'notALength'],
    ['1.5/2', 'fractionNotBelowOne'],
    ['1e3', 'unknownUnit'],
    ['5 apples', 'unknownUnit'],
    ['1.234,5', 'twoSeparators'],
    ['1 3', 'twoLengths'],
    ['25x52', 'twoLengths'],
    ['3/0', 'zeroDenominator'],
    ['1 9/8', 'fractionNotBelowOne'],
    ['-4', 'negative'],
    ['0', 'zero'],
    ['0/4', 'zero'],
    ['99999', 'tooLarge'],
    ['200 in', 'tooLarge'],
    ['1'.repeat(41), 'tooLong'],
  ])('refuses %s with words', (text, code) => {
    const read = readLength(text)
    expect(read.ok ? null : read.problem.code).toBe(code)
    if (!read.ok) expect(lengthProblemText(read.problem)).toMatch(/\.$/)
  })

  it('never throws and reads back what it writes', () => {
    fc.assert(fc.property(fc.string({ maxLength: 60 }), (text) => typeof readLength(text).ok === 'boolean'))
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 64 * 40 }), (sixtyFourths) => {
        const mm = (sixtyFourths / 64) * MM_PER_INCH
        expect(toMm(typed(writeInch(mm)).value, 'in')).toBeCloseTo(mm, 9)
      }),
    )
  })
})

describe('guessUnits', () => {
  const guess = (sizes: Partial<Record<SizeRole, string>>) =>
    guessUnits(
      (Object.entries(sizes) as [SizeRole, string][]).map(([role, text]) => ({ role, typed: typed(text) })),
    )
      .map((a) => a.unit)
      .join(' ')

  it.each([
    [{ bore: '25', outside: '52', width: '15' }, 'mm mm mm'],
    [{ bore: '1', outside: '2', width: '9/16' }, 'in in in'],
    [{ bore: '.9843', outside: '52', width: '15' }, 'in mm mm'],
    [{ bore: '6', outside: '12', width: '4' }, 'mm mm mm'],
    [{ bore: '3', outside: '8', width: '3' }, 'mm mm mm'],
    [{ bore: '0.74' }, 'in'],
    [{ bore: '0.74', outside: '1.78' }, 'in in'],
    [{ bore: '0.74', outside: '45.24' }, 'in mm'],
    [{ bore: '15', outside: '28', width: '7' }, 'mm mm mm'],
    [{ bore: '2.25', outside: '3.8125' }, 'in in'],
    [{ bore: '1.378 mm' }, 'mm'],
  ] as const)('%j → %s', (sizes, units) => expect(guess(sizes)).toBe(units))
})

it('a reading is as fine as it was typed', () => {
  expect(roundingStep(typed('0.74'), 'in')).toBeCloseTo(0.254, 12)
  expect(roundingStep(typed('25.15'), 'mm')).toBeCloseTo(0.01, 12)
  expect(roundingStep(typed('35'), 'mm')).toBeCloseTo(0.396875, 12)
})

it.each([
  ['1 3/8', 34.925],
  ['0.74 in', 18.796],
  ['62', 62],
  ['35,5 mm', 35.5],
  ['wide', null],
])('“%s” is %d mm', (text, mm) => {
  const read = lengthInMm(text)
  if (mm === null) expect(read).toBeNull()
  else expect(read).toBeCloseTo(mm, 6)
})

describe('the lengths of a form are read together', () => {
  const form = (...fields: [name: string, text: string, role: FormRole][]) =>
    Object.fromEntries(
      [...readForm(fields.map(([name, text, role]) => ({ name, text, role })))].map(([name, r]) => [
        name,
        r.ok ? `${Number(r.mm.toFixed(3))} ${r.unit}` : r.message,
      ]),
    )
  it('a figure that makes no sense in millimetres is inches; one that does stays', () => {
    expect(form(['width', '.75', 'width'])).toEqual({ width: '19.05 in' })
    expect(form(['shaft', '1.0625', 'bore'])).toEqual({ shaft: '26.987 in' })
    expect(form(['shaft', '3/4', 'bore'], ['housing', '1 3/8', 'outside'], ['width', '1', 'width'])).toEqual({
      shaft: '19.05 in',
      housing: '34.925 in',
      width: '25.4 in',
    })
    expect(form(['seal', '42', 'bore'], ['hole', '62', 'outside'], ['between', '2.2', 'length'])).toEqual({
      seal: '42 mm',
      hole: '62 mm',
      between: '55.88 in',
    })
    expect(form(['shaft', '3', 'bore'], ['housing', '8', 'outside'], ['width', '4', 'width'])).toEqual({
      shaft: '3 mm',
      housing: '8 mm',
      width: '4 mm',
    })
  })
  it('what is said is kept, an empty field is left out, what is no length is told at its field', () => {
    expect(
      form(['a', '2 mm', 'length'], ['b', '40 in', 'length'], ['c', ' ', 'bore'], ['d', '4x', 'bore']),
    ).toEqual({
      a: '2 mm',
      b: '1016 in',
      d: expect.stringMatching(/\w/),
    })
  })
  it('every listed size, typed as handbooks write it, is read in the unit it was written in', () => {
    for (const mm of [6, 8, 10, 12, 15, 17, 20, 25, 30, 40, 50, 62, 72, 90, 110])
      expect(form(['shaft', String(mm), 'bore'], ['housing', String(mm * 2), 'outside'])).toEqual({
        shaft: `${mm} mm`,
        housing: `${mm * 2} mm`,
      })
    for (const inch of ['0.75', '1.0625', '1.3775', '1.5', '2.2500'])
      expect(form(['shaft', inch, 'bore'])['shaft'], inch).toMatch(/ in$/)
  })
  it('one length is read beside one that is known', () => {
    // A hollow shaft of 1 1/4 in with a 3/4 in bore; a metric one; a hub wall typed in inches around a metric ring.
    expect(lengthBeside('.75', 'bore', { mm: 31.75, role: 'outside' })).toBeCloseTo(19.05, 6)
    expect(lengthBeside('18', 'bore', { mm: 35, role: 'outside' })).toBe(18)
    expect(lengthBeside('3.1', 'outside', { mm: 62, role: 'bore' })).toBeCloseTo(78.74, 6)
    expect(lengthBeside('wide', 'outside', { mm: 62, role: 'bore' })).toBeNull()
  })
  it('in a stack the longest tells the unit of all, what is said is kept', () => {
    const mm = (...texts: string[]) =>
      readStackOf(texts).map((r) => (r.ok ? Number(r.mm.toFixed(4)) : 'no length'))
    expect(mm('46.0', '30.0', '15.9', '0.3')).toEqual([46, 30, 15.9, 0.3])
    expect(mm('1.8125', '1.125', '.012')).toEqual([46.0375, 28.575, 0.3048])
    expect(mm('1.8125', '0.3 mm', 'thick')).toEqual([46.0375, 0.3, 'no length'])
  })
  it('a depth below a face is a few millimetres, or a fraction of an inch', () => {
    expect(form(['before', '3.2', 'depth'], ['after', '3.4', 'depth'])).toEqual({
      before: '3.2 mm',
      after: '3.4 mm',
    })
    expect(form(['before', '.25', 'depth'], ['after', '.27', 'depth'])).toEqual({
      before: '6.35 in',
      after: '6.858 in',
    })
  })
})

it.each([
  ['25 m', true],
  ['1 1/4 in', true],
  ['2.328inc', true],
  ['2.328 inx', false],
  ['25', false],
  ['in', false],
])('%s ends in a unit: %s', (text, ends) => expect(endsInUnit(text)).toBe(ends))
