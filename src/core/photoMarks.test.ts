import fc from 'fast-check'
import { expect, it } from 'vitest'
import { mergedMarks, movedTo, type Mark } from './photoMarks'

const mark = fc.record({
  x: fc.constantFrom(0, 0.25, 1),
  y: fc.constantFrom(0, 0.5),
  text: fc.constantFrom('', 'spall', 'rust'),
})
const marks = fc.uniqueArray(mark, { maxLength: 6, selector: (m) => JSON.stringify(m) })
const has = (all: readonly Mark[], one: Mark) => all.some((m) => JSON.stringify(m) === JSON.stringify(one))

it('a mark stays on the picture, wherever it is drawn to', () => {
  fc.assert(
    fc.property(fc.double({ noNaN: true }), fc.double({ noNaN: true }), (x, y) => {
      const moved = movedTo({ x: 0, y: 0, text: 'rust' }, x, y)
      expect(moved.text).toBe('rust')
      for (const at of [moved.x, moved.y]) {
        expect(at).toBeGreaterThanOrEqual(0)
        expect(at).toBeLessThanOrEqual(1)
      }
    }),
  )
  expect(movedTo({ x: 0, y: 0, text: '' }, 0.123456, 0.5)).toEqual({ x: 0.1235, y: 0.5, text: '' })
})

it('of two who mark at once neither loses what was added, and what one took away is gone', () => {
  fc.assert(
    fc.property(marks, marks, marks, (was, ours, theirs) => {
      const merged = mergedMarks(was, ours, theirs)
      for (const m of ours) if (!has(was, m)) expect(has(merged, m)).toBe(true)
      for (const m of theirs) if (!has(was, m)) expect(has(merged, m)).toBe(true)
      for (const m of was) if (!has(ours, m) || !has(theirs, m)) expect(has(merged, m)).toBe(false)
      expect(new Set(merged.map((m) => JSON.stringify(m))).size).toBe(merged.length)
    }),
  )
  expect(mergedMarks([], [], [])).toEqual([])
})
