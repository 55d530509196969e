import { describe, expect, it } from 'vitest'
import { shipped } from '../../../tests/support/shipped'
import { readExact } from '.'

const read = (text: string) => {
  const found = readExact(text, shipped)
  return found.ok ? found.readings[0] : undefined
}

describe('a bore of its own with its unit', () => {
  const parts = shipped.catalogue.parts.filter(
    ({ family, series, dimensions: { bore = 0 } }) =>
      family === 'deep-groove' && ['60', '62', '63'].includes(series) && Number.isInteger(bore) && bore >= 10,
  )

  it('is that bore, and the number it is given is read again as itself, with its closure too', () => {
    expect(parts.length).toBeGreaterThan(40)
    const wrong = parts.flatMap(({ base, dimensions: { bore = 0, outside = 0 } }) =>
      [Math.ceil(bore * 0.65), bore - 1, bore + 1, Math.floor(bore + (outside - bore) * 0.3)].flatMap(
        (mm) => {
          const own = read(`${base}-${mm}MM`)
          const again = own && read(own.canonical)
          const sealed = own && read(`${own.base}-2RS`)
          const isIt = (reading: typeof own) => reading?.base === own?.base && reading?.dimensions.bore === mm
          return own?.dimensions.bore === mm && isIt(again) && isIt(sealed)
            ? []
            : [`${base}-${mm}MM: ${own?.canonical}`]
        },
      ),
    )
    expect(wrong).toEqual([])
  })

  it.each([
    ['6203-16MM', '6203-16mm', 16],
    ['6203-16.9mm', '6203-16.9mm', 16.9],
    ['6202-2RS-10MM', '6202-10mm-2RS', 10],
    ['6203-5/8"', '6203-5/8', 15.875],
    ['6203-2RS .625"', '6203-5/8-2RS', 15.875],
    ['6203-.625', '6203-5/8', 15.875],
    ['6204-2RS-3/4IN C3', '6204-3/4-2RS/C3', 19.05],
    ['6205-1IN', '6205-16', 25.4],
    ['6203-5/8 inch', '6203-5/8', 15.875],
  ])('%s is %s', (text, canonical, bore) =>
    expect([read(text)?.canonical, read(text)?.dimensions.bore]).toEqual([canonical, bore]),
  )
})

describe('sizes of the part said once more', () => {
  it.each([
    ['6203 17mm', '6203'],
    ['6203 40mm', '6203'],
    ['UC205 25MM', 'UC205'],
    ['LM11949 .75in', 'LM11949'],
    ['LM11949/LM11910 19mm', 'LM11949/LM11910'],
    ['30206 30x62x17.25', '30206'],
    ['6205 25 x 52 x 15', '6205'],
    ['6205-2RS C3 25×52×15', '6205-2RS/C3'],
    ['1630 0.75x1.625x0.5', '1630'],
    ['R16-2RS 1x2x0.5', 'R16-2RS'],
  ])('%s is %s', (text, canonical) => expect(read(text)?.canonical).toBe(canonical))

  it.each([
    '6203-30MM',
    'UC205 20MM',
    'LM11949 .78in',
    'LM11949 .76in',
    '6205 2RS 20x47x14',
    '30206 30x62x19',
    '1630 0.75x1.625x0.6',
    '6205 14MM',
    '20x47x14 6205',
  ])('%s contradicts its number', (text) => expect(read(text)).toBeUndefined())
})

it('a number that ends with its bore in inches may have the unit behind it, and no other', () => {
  const bored = shipped.catalogue.parts.filter(
    ({ base, family }) => /-[\d /]+$/.test(base) && ['deep-groove', 'insert'].includes(family),
  )
  expect(bored.length).toBeGreaterThan(80)
  for (const { base } of bored) {
    expect(read(`${base} IN`)?.canonical, base).toBe(base)
    expect(read(`${base}MM`)?.base, base).not.toBe(base)
  }
})
