import fc from 'fast-check'
import { expect, it } from 'vitest'
import { ArrangementFile, ARRANGEMENTS, moveSlot, slotsInOrder, resolveArrangement, SHIPPED_FILES } from '.'

const base = ARRANGEMENTS.get('B1')?.slots.map(({ id }) => id) ?? []
const find = (code: string) => SHIPPED_FILES.find((file) => file.code === code)
const own = (slots: { id: string; after?: string | undefined }[], basedOn?: string): ArrangementFile =>
  ArrangementFile.parse({
    code: 'own-1',
    title: 'Own',
    position: 'wheel',
    ...(basedOn && { basedOn }),
    slots: slots.map((slot) => ({ label: slot.id, role: 'plain', ...slot })),
  })
const resolved = (file: ArrangementFile): string[] => {
  const result = resolveArrangement(file, find)
  if (!result.ok) throw new Error(result.problem.code)
  return result.value.slots.map(({ id }) => id)
}
const added = fc.array(fc.record({ after: fc.nat(base.length + 4), to: fc.integer({ min: -2, max: 40 }) }), {
  minLength: 1,
  maxLength: 5,
})

it.each([['B1'], [undefined]])(
  'the order of places is the resolved one, and a move moves one place (%s)',
  (on) => {
    const under = on ? base : []
    fc.assert(
      fc.property(added, fc.nat(4), (rows, which) => {
        const names = [...under, ...rows.map((_, i) => `new${i}`)]
        const { slots } = own(
          rows.map(({ after }, i) => ({
            id: `new${i}`,
            after: names[after] === `new${i}` ? undefined : names[after],
          })),
          on,
        )
        const before = slotsInOrder(under, slots)
        expect(before).toEqual(resolved(own(slots, on)))
        const at = which % rows.length
        const to = rows[at]?.to ?? 0
        const moved = moveSlot(under, slots, `new${at}`, to)
        const after = slotsInOrder(under, moved)
        expect(after).toEqual(resolved(own(moved, on)))
        expect(after.filter((id) => id !== `new${at}`)).toEqual(before.filter((id) => id !== `new${at}`))
        expect(after.indexOf(`new${at}`)).toBe(Math.min(before.length - 1, Math.max(on ? 1 : 0, to)))
      }),
    )
  },
)

it('a place that replaces one stays where that is', () => {
  const [, second = ''] = base
  const { slots } = own([{ id: second }, { id: 'shim', after: second }], 'B1')
  expect(slotsInOrder(base, slots)).toEqual(resolved(own(slots, 'B1')))
  expect(moveSlot(base, slots, second, 5)).toEqual(slots)
  expect(resolved(own(moveSlot(base, slots, 'shim', 1), 'B1')).slice(0, 3)).toEqual([base[0], 'shim', second])
})
