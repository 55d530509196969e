import { describe, expect, it } from 'vitest'
import { withNamesOfToday } from './olderNames'

describe('what was written when labels, titles and messages were all called words', () => {
  it.each([
    ['a place of an arrangement', { id: 'seal', words: 'Seal' }, { id: 'seal', label: 'Seal' }],
    [
      'an arrangement',
      { code: 'x', words: 'Roller', slots: [{ id: 'shim', words: 'Shim' }] },
      { code: 'x', title: 'Roller', slots: [{ id: 'shim', label: 'Shim' }] },
    ],
    [
      'a check of a kit',
      { code: 'cup', result: 'fail', words: 'Another cup', detail: 'Take the other.' },
      { code: 'cup', result: 'fail', title: 'Another cup', detail: 'Take the other.' },
    ],
    [
      'a comparison',
      { from: '6205', result: { verdict: 'order', words: 'Order it.' } },
      { from: '6205', result: { verdict: 'order', message: 'Order it.' } },
    ],
    ['an open point', [{ stage: 'kit', words: 'A gap' }], [{ stage: 'kit', message: 'A gap' }]],
    ['a mark on a photograph', { x: 0.1, y: 1, words: 'rust' }, { x: 0.1, y: 1, text: 'rust' }],
    ['a row of a list', { row: 2, text: '6205', words: 'Twice' }, { row: 2, text: '6205', message: 'Twice' }],
    ['a torque written in', { 'free.1': { words: 'Bracket' } }, { 'free.1': { label: 'Bracket' } }],
    [
      'what a shop prefers',
      { schools: { heat: 'cold' }, fields: { 'grease.school': 'full' } },
      { practices: { heat: 'cold' }, fields: { 'grease.practice': 'full' } },
    ],
    ['which ring turns', { turning: 'inner' }, { rotatingRing: 'inner' }],
  ])('%s', (_, before, after) => {
    expect(withNamesOfToday(before)).toEqual(after)
    expect(withNamesOfToday(after)).toEqual(after)
  })

  it('leaves alone what is not one of them', () => {
    for (const value of [null, 3, 'words', [], ['words'], { label: 'new', words: 'other' }])
      expect(withNamesOfToday(value)).toEqual(value)
  })
})
