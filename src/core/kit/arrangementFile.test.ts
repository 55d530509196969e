import { expect, it } from 'vitest'
import { ArrangementFile } from './arrangement'

/** How much an arrangement file may hold: what a screen and a printed card can show, and no more. Just inside, just outside. */
const slot = (i: number, more: object = {}) => ({ id: `s${i}`, role: 'plain', label: `Part ${i}`, ...more })
const file = (more: object) => ({ code: 'pier-1', title: 'Turnstile arm', slots: [slot(1)], ...more })
const takes = (more: object) => ArrangementFile.safeParse(file(more)).success
const text = (length: number) => 'x'.repeat(length)

it('a plain file is taken', () => {
  const read = ArrangementFile.safeParse(file({}))
  expect(read.success ? '' : JSON.stringify(read.error.issues)).toBe('')
})

it.each<[string, (n: number) => object, least: number, most: number]>([
  ['title', (n) => ({ title: text(n) }), 3, 120],
  ['name of its position', (n) => ({ position: text(n) }), 1, 40],
  ['name of its hub', (n) => ({ hub: text(n) }), 0, 40],
  ['the arrangement it is based on', (n) => ({ basedOn: text(n) }), 0, 12],
  ['code', (n) => ({ code: text(n) }), 1, 12],
  ['places', (n) => ({ slots: Array.from({ length: n }, (_, i) => slot(i)) }), 0, 60],
  ['places that fall away', (n) => ({ drop: Array.from({ length: n }, (_, i) => `s${i}`) }), 0, 40],
  ['sizes that are asked', (n) => ({ sizes: Array.from({ length: n }, () => 'shaft') }), 0, 8],
  ['cautions', (n) => ({ cautions: Array.from({ length: n }, () => 'press') }), 0, 4],
  ['pieces in one place', (n) => ({ slots: [slot(1, { perPosition: n })] }), 1, 200],
  ['name of a part', (n) => ({ slots: [slot(1, { label: text(n) })] }), 1, 60],
  ['note of a place', (n) => ({ slots: [slot(1, { note: text(n) })] }), 0, 300],
])('%s: from %3$i to %4$i', (_, of, least, most) => {
  expect([takes(of(least)), takes(of(most)), takes(of(most + 1))]).toEqual([true, true, false])
  if (least > 0) expect(takes(of(least - 1))).toBe(false)
})
