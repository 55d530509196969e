'use client'

import { DragDropProvider } from '@dnd-kit/react'
import { isSortable } from '@dnd-kit/react/sortable'
import { Plus } from 'lucide-react'
import { movePlace, placesInOrder, type ArrangementFile } from '@/core/kit'
import { PlaceRow } from './PlaceRow'

type Row = ArrangementFile['slots'][number]

interface Props {
  slots: readonly Row[]
  /** places of the arrangement it is based on that are not dropped */
  base: readonly { id: string; words: string }[]
  /** what the server wants changed in a field of a place; empty = nothing */
  troubleOf: (place: number, field: string) => string
  onChange: (slots: Row[]) => void
}

/** Until it has a name of its own, it is called by a number that is free. */
const freeName = (taken: readonly string[]): string => {
  let n = taken.length + 1
  while (taken.includes(`place${n}`)) n++
  return `place${n}`
}

const newRow = (id: string): Row => ({
  id,
  words: '',
  role: 'plain',
  sealSet: 'first',
  carrier: false,
  stacked: false,
  byThumb: false,
  ring: 'bore',
  singleUse: false,
  mayStay: false,
  onRequest: false,
  addedBy: [],
  perPosition: 1,
  note: '',
})

/** Places that an own arrangement adds, as they are written. */
export function PlaceRows({ slots, base, troubleOf, onChange }: Props) {
  const baseIds = base.map(({ id }) => id)
  const order = placesInOrder(baseIds, slots)
  const after = [...base, ...slots.filter(({ id }) => !baseIds.includes(id))]
  const set = (at: number, change: Partial<Row>): void =>
    onChange(slots.map((s, i) => (i === at ? { ...s, ...change } : s)))
  const moveTo = (id: string, to: number): void => onChange(movePlace(baseIds, slots, id, to))
  /** To where the row stands that is there now. */
  const dropAt = (id: string, row: number): void => {
    const there = slots[row]
    if (there && there.id !== id) moveTo(id, order.indexOf(there.id))
  }
  return (
    <fieldset>
      <legend className="caption mb-1">Places added</legend>
      <DragDropProvider
        onDragEnd={({ canceled, operation: { source } }) => {
          if (!canceled && isSortable(source)) dropAt(String(source.id), source.index)
        }}
      >
        {slots.map((slot, i) => (
          <PlaceRow
            key={slot.id}
            slot={slot}
            index={i}
            after={after}
            troubleOf={(field) => troubleOf(i, field)}
            onChange={(change) => set(i, change)}
            onMove={(by) => moveTo(slot.id, order.indexOf(slot.id) + by)}
            onRemove={() => onChange(slots.filter((s) => s !== slot))}
          />
        ))}
      </DragDropProvider>
      <button
        type="button"
        className="chip px-3"
        onClick={() => onChange([...slots, newRow(freeName(after.map(({ id }) => id)))])}
      >
        <Plus aria-hidden size={16} className="mr-1" /> Add a place
      </button>
    </fieldset>
  )
}
