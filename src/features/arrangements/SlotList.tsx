'use client'

import { DragDropProvider } from '@dnd-kit/react'
import { isSortable } from '@dnd-kit/react/sortable'
import { moveSlot, slotsInOrder, type ArrangementFile } from '@/core/kit'
import { SlotRow } from './SlotRow'

type Row = ArrangementFile['slots'][number]

export interface Props {
  slots: readonly Row[]
  /** places of the arrangement it is based on that are not dropped */
  base: readonly { id: string; label: string }[]
  /** what the server wants changed in a field of a place; empty = nothing */
  errorOf: (index: number, field: string) => string
  onChange: (slots: Row[]) => void
}

/** Added places, as they are written: dragged, moved, changed, taken away. */
export function SlotList({ slots, base, errorOf, onChange }: Props) {
  const baseIds = base.map(({ id }) => id)
  const order = slotsInOrder(baseIds, slots)
  const after = [...base, ...slots.filter(({ id }) => !baseIds.includes(id))]
  const set = (at: number, change: Partial<Row>): void =>
    onChange(slots.map((s, i) => (i === at ? { ...s, ...change } : s)))
  const moveTo = (id: string, to: number): void => onChange(moveSlot(baseIds, slots, id, to))
  /** To where the row stands that is there now. */
  const dropAt = (id: string, row: number): void => {
    const there = slots[row]
    if (there && there.id !== id) moveTo(id, order.indexOf(there.id))
  }
  return (
    <DragDropProvider
      onDragEnd={({ canceled, operation: { source } }) => {
        if (!canceled && isSortable(source)) dropAt(String(source.id), source.index)
      }}
    >
      {slots.map((slot, i) => (
        <SlotRow
          key={slot.id}
          slot={slot}
          index={i}
          after={after}
          errorOf={(field) => errorOf(i, field)}
          onChange={(change) => set(i, change)}
          onMove={(by) => moveTo(slot.id, order.indexOf(slot.id) + by)}
          onRemove={() => onChange(slots.filter((s) => s !== slot))}
        />
      ))}
    </DragDropProvider>
  )
}
