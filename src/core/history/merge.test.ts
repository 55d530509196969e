import fc from 'fast-check'
import { expect, it } from 'vitest'
import { CLASH, merged } from './merge'

const base = { a: 1, b: 1, in: { c: 1, d: 1 }, list: [1, 2] }

it.each([
  ['each another field', { ...base, a: 2 }, { ...base, b: 3 }, { ...base, a: 2, b: 3 }],
  [
    'each another field within one',
    { ...base, in: { c: 2, d: 1 } },
    { ...base, in: { c: 1, d: 3 } },
    { ...base, in: { c: 2, d: 3 } },
  ],
  ['both the same', { ...base, a: 2 }, { ...base, a: 2 }, { ...base, a: 2 }],
  ['one field, each to something else', { ...base, a: 2 }, { ...base, a: 3 }, CLASH],
  ['one list, each in another row', { ...base, list: [9, 2] }, { ...base, list: [1, 9] }, CLASH],
  ['one took away what the other changed', { ...base, in: { c: 1, d: 2 } }, { ...base, in: { c: 1 } }, CLASH],
])('%s', (_, mine, theirs, expected) => {
  expect(merged(base, mine, theirs)).toEqual(expected)
  expect(merged(base, theirs, mine)).toEqual(expected)
})

it('where only one changed something, that stands, whatever it is', () =>
  fc.assert(
    fc.property(fc.jsonValue(), fc.jsonValue(), (was, is) => {
      expect(merged(was, is, was)).toEqual(is)
      expect(merged(was, was, is)).toEqual(is)
    }),
  ))

it.each(['toString', 'valueOf', 'constructor', 'hasOwnProperty', '__proto__'])(
  'a field may be called %s: only what was sent counts',
  (name) => {
    const sent = (text: string): unknown => JSON.parse(text.replaceAll('NAME', name))
    const [was, mine, theirs] = ['{"a":1}', '{"a":2}', '{"a":1,"NAME":[1]}'].map(sent)
    const both = merged(was, mine, theirs)
    expect(JSON.parse(JSON.stringify(both))).toEqual(sent('{"a":2,"NAME":[1]}'))
    expect(merged(sent('{"NAME":[]}'), sent('{"NAME":[]}'), sent('{"NAME":[2]}'))).toEqual(
      sent('{"NAME":[2]}'),
    )
  },
)
