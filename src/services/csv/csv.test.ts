import fc from 'fast-check'
import Papa from 'papaparse'
import { describe, expect, it } from 'vitest'
import { decodeBytes, encodingOf } from '@/core/lists'
import { readTable } from './readTable'
import { writeCsv } from './writeCsv'

const TEXT = 'number;d;D;B\nBüchse Ø 7;19,3;44,4;13,2\n'
const utf16 = (big: boolean): Uint8Array => {
  const bytes = Buffer.concat([Buffer.from([0xff, 0xfe]), Buffer.from(TEXT, 'utf16le')])
  return new Uint8Array(big ? bytes.swap16() : bytes)
}
const BYTES = {
  'UTF-8': new Uint8Array(Buffer.from(TEXT)),
  'UTF-8 with its mark': new Uint8Array(Buffer.from(`\ufeff${TEXT}`)),
  'UTF-16': utf16(false),
  'UTF-16 big-endian': utf16(true),
  'Windows-1252': new Uint8Array(Buffer.from(TEXT, 'latin1')),
}

describe('encodings', () => {
  it.each(Object.entries(BYTES))('%s', (name, bytes) => {
    expect(decodeBytes(bytes).replace('\ufeff', '')).toBe(TEXT)
    expect(name.startsWith(encodingOf(bytes))).toBe(true)
    const { header, rows, delimiter } = readTable(bytes, 10)
    expect(header).toEqual(['number', 'd', 'D', 'B'])
    expect(rows).toEqual([{ number: 'Büchse Ø 7', d: '19,3', D: '44,4', B: '13,2' }])
    expect(delimiter).toBe('semicolon')
  })
})

describe('tables', () => {
  const table = (text: string) => readTable(new Uint8Array(Buffer.from(text)), 3)
  it('headings are trimmed, named where empty and made distinct', () => {
    expect(table(' number ,,d,d\na,b,c,e\n').header).toEqual(['number', 'column 2', 'd', 'd 2'])
  })
  it.each([
    ['no rows', 'number,d\n', 'no rows'],
    ['nothing at all', '', 'no rows'],
    ['a picture', '\u0089PNG\u0000\u0000\u0001,\n1,2\n', 'no text file'],
    ['too many rows', 'a,b\n1,2\n3,4\n5,6\n7,8\n', 'At most 3 rows'],
    [
      'too many columns',
      `${Array.from({ length: 61 }, (_, i) => `c${i}`).join()}\n${'1,'.repeat(60)}1\n`,
      '61 columns',
    ],
  ])('%s is refused in words', (_, text, message) => expect(() => table(text)).toThrow(message))
})

it('no cell leaves as a formula, and every other comes back as it was', () => {
  fc.assert(
    fc.property(fc.array(fc.string({ maxLength: 12 }), { minLength: 1, maxLength: 6 }), (cells) => {
      const out = writeCsv(
        ['a'],
        cells.map((a) => ({ a })),
      )
      const back = Papa.parse<[string]>(out.slice(0, -1), { delimiter: ',', newline: '\n' }).data.slice(1)
      cells.forEach((cell, i) => {
        const read = back[i]?.[0] ?? ''
        expect(read).not.toMatch(/^[=+@]/)
        expect(read === cell || read === `'${cell}`).toBe(true)
      })
    }),
  )
})
