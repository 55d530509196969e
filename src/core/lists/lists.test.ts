import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { shipped } from '../../../tests/support/shipped'
import { guessColumns, sortRow } from '.'

describe('columns', () => {
  it.each([
    [['Part number', 'Bore', 'OD', 'Width', 'Qty', 'Unit price', 'Bin'], 'all seven'],
    [['Item', 'd', 'D', 'B', 'Stock', 'Cost', 'Shelf'], 'letters as in tables'],
    [['ARTICLE', 'i.d.', 'o.d.', 'height', 'on_hand', 'net', 'location'], 'abbreviations'],
  ])('%j', (header) => {
    const map = guessColumns(header)
    expect(Object.values(map)).toEqual(expect.arrayContaining(header))
    expect(map).toMatchObject({
      designation: header[0],
      bore: header[1],
      outside: header[2],
      width: header[3],
    })
  })
  it('never gives one column to two fields', () => {
    fc.assert(
      fc.property(fc.uniqueArray(fc.string({ maxLength: 12 }), { maxLength: 12 }), (header) => {
        const columns = Object.values(guessColumns(header))
        expect(new Set(columns).size).toBe(columns.length)
      }),
    )
  })
})

describe('rows', () => {
  const row = (cells: Parameters<typeof sortRow>[0]) => sortRow(cells, 'mm', shipped)
  const partKey = (designation: string) => {
    const sorted = row({ designation })
    return sorted.ok ? sorted.partKey : sorted.problem
  }
  it('numbers that mean the same have one meaning, whatever convention spells them (common practice)', () => {
    for (const same of [
      ['6205-2RS', '6205-2RS1', '6205 DDU', '6205LLU', '6205.2RSR'],
      ['6203ZZ', '6203-2Z', '6203 zz'],
      ['6204-2RS/C3', '6204 DDU C3'],
      ['6804', '61804'],
      ['L44643/L44610', 'L44643-L44610'],
    ])
      expect(new Set(same.map(partKey)).size, same.join()).toBe(1)
  })
  it('numbers that differ in an option differ in meaning', () => {
    const all = [
      '6205',
      '6205-2RS',
      '6205-RS',
      '6205ZZ',
      '6205/C3',
      '6205-2RS/C3',
      '6205N',
      '6305',
      '683',
      '6205-5/8',
    ]
    expect(new Set(all.map(partKey)).size).toBe(all.length)
  })
  it('a number that no plan holds is kept with its three sizes, and refused without them', () => {
    expect(row({ designation: 'WP-BUSH 7', bore: '19.3', outside: '44.4', width: '13.2' })).toMatchObject({
      ok: true,
      item: { base: null, bore: 19.3, outside: 44.4, width: 13.2 },
    })
    expect(row({ designation: 'WP-BUSH 7', bore: '19.3' })).toMatchObject({ ok: false })
  })
  it('sizes that contradict the plan are told, with both', () => {
    const sorted = row({ designation: '6205', bore: '25', outside: '47', width: '12' })
    expect(sorted.ok ? '' : sorted.problem).toBe(
      '6205 is 25 × 52 × 15 mm; this row says 25 × 47 × 12 mm. Correct the number or the sizes.',
    )
    expect(row({ designation: 'R8', bore: '1/2"', outside: '1-1/8 in', width: '0.3125"' })).toMatchObject({
      ok: true,
    })
  })
  it.each([
    [{ designation: '' }, 'No number'],
    [{ designation: 'X'.repeat(81) }, 'longer than'],
    [{ designation: 'Q1', bore: 'wide', outside: '30', width: '9' }, 'bore:'],
    [{ designation: 'Q1', bore: '30', outside: '20', width: '9' }, 'not smaller'],
    [{ designation: '6205', quantity: 'many' }, 'no figure'],
    [{ designation: '6205', quantity: '-1' }, 'cannot be'],
  ])('%j is refused in words', (cells, message) => {
    const sorted = row(cells)
    expect(sorted.ok ? '' : sorted.problem).toContain(message)
  })
})
