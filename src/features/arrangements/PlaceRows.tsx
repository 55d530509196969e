'use client'

import { X } from 'lucide-react'
import { capital } from '@/core/capital'
import { useState } from 'react'
import { ROLES, SLOT_ROLES, type ArrangementFile } from '@/core/kit'
import { SelectField } from '@/ui/SelectField'

type Row = ArrangementFile['slots'][number]

interface Props {
  slots: readonly Row[]
  /** places one may stand after */
  after: readonly { id: string; words: string }[]
  onChange: (slots: Row[]) => void
}

/** A name for a place from its words: letters and figures, beginning with a letter. */
const nameOf = (words: string, taken: readonly string[]): string => {
  const parts = words.split(/[^A-Za-z0-9]+/).filter(Boolean)
  const joined = parts.map((p, i) => (i === 0 ? p.toLowerCase() : capital(p))).join('')
  const name = (/^[A-Za-z]/.test(joined) ? joined : `place${joined}`).slice(0, 36)
  return taken.includes(name) ? `${name}${taken.length}` : name
}

const SIDES = ['inner', 'outer', 'left', 'right'] as const

const newRow = (n: number): Row => ({
  id: `place${n}`,
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

/** Places that an own arrangement adds. */
export function PlaceRows({ slots, after, onChange }: Props) {
  const [dragged, setDragged] = useState<number | null>(null)
  /** The place before and the one behind a row, as the arrangement stands now. */
  const order = after.filter((a) => !slots.some((s) => s.id === a.id)).map((a) => a.id)
  for (const slot of slots) {
    const at = slot.after === undefined ? -1 : order.indexOf(slot.after)
    order.splice(at < 0 ? order.length : at + 1, 0, slot.id)
  }
  const move = (i: number, by: -1 | 1): void => {
    const slot = slots[i]
    if (!slot) return
    const others = order.filter((id) => id !== slot.id)
    const at = Math.max(0, Math.min(others.length, order.indexOf(slot.id) + by))
    set(i, { after: others[at - 1] ?? others[0] })
  }
  const set = (at: number, change: Partial<Row>): void =>
    onChange(slots.map((s, i) => (i === at ? { ...s, ...change } : s)))
  return (
    <fieldset>
      <legend className="caption mb-1">Places added</legend>
      {slots.map((slot, i) => (
        <div
          key={i}
          draggable
          onDragStart={() => setDragged(i)}
          onDragOver={(e) => e.preventDefault()}
          onDrop={() => {
            if (dragged !== null && dragged !== i) set(dragged, { after: slot.id })
            setDragged(null)
          }}
          onKeyDown={(e) => {
            if (!e.altKey || (e.key !== 'ArrowUp' && e.key !== 'ArrowDown')) return
            e.preventDefault()
            move(i, e.key === 'ArrowUp' ? -1 : 1)
          }}
          className="mb-2 flex flex-wrap items-center gap-1.5 border-b border-line2 pb-2"
        >
          <button
            type="button"
            className="chip w-11 justify-center px-0"
            aria-label={`Move place ${i + 1} toward the inside`}
            onClick={() => move(i, -1)}
          >
            ↑
          </button>
          <button
            type="button"
            className="chip w-11 justify-center px-0"
            aria-label={`Move place ${i + 1} toward the outside`}
            onClick={() => move(i, 1)}
          >
            ↓
          </button>
          <input
            className="field max-w-[180px]"
            aria-label={`Name of place ${i + 1}`}
            placeholder="Shim"
            maxLength={60}
            value={slot.words}
            onChange={(e) => set(i, { words: e.target.value })}
            onBlur={() =>
              /^place\d/.test(slot.id) && slot.words !== ''
                ? set(i, {
                    id: nameOf(
                      slot.words,
                      after.map((a) => a.id),
                    ),
                  })
                : undefined
            }
          />
          <SelectField
            className="field max-w-[170px]"
            label={`Kind of place ${i + 1}`}
            value={slot.role}
            options={SLOT_ROLES.map((role) => [role, ROLES[role].label] as const)}
            onPick={(role) => set(i, { role })}
          />
          <SelectField
            className="field max-w-[190px]"
            label={`Place ${i + 1} stands after`}
            value={slot.after ?? ''}
            options={[
              ['', 'at the end'],
              ...after
                .filter((a) => a.id !== slot.id)
                .map((a) => [a.id, `after ${a.words.toLowerCase()}`] as const),
            ]}
            onPick={(id) => set(i, { after: id || undefined })}
          />
          <input
            className="field number w-[60px]"
            aria-label={`How many of place ${i + 1}`}
            inputMode="numeric"
            value={slot.perPosition || ''}
            onChange={(e) => set(i, { perPosition: Number(e.target.value.replace(/\D/g, '').slice(0, 3)) })}
          />
          <SelectField
            className="field max-w-[120px]"
            label={`Side of place ${i + 1}`}
            value={slot.side ?? ''}
            options={[['', 'no side'], ...SIDES.map((side) => [side, side] as const)]}
            onPick={(side) => set(i, { side: side || undefined })}
          />
          {(
            [
              ['singleUse', 'single use'],
              ['mayStay', 'may stay'],
              ['stacked', 'against the one before'],
              ['carrier', 'in the carrier'],
              ['byThumb', 'by thumb'],
            ] as const
          ).map(([name, words]) => (
            <button
              key={name}
              type="button"
              className="chip px-2.5"
              aria-pressed={slot[name]}
              onClick={() => set(i, { [name]: !slot[name] })}
            >
              {words}
            </button>
          ))}
          <button
            type="button"
            className="chip w-11 justify-center px-0"
            aria-label={`Take place ${i + 1} away`}
            onClick={() => onChange(slots.filter((_, at) => at !== i))}
          >
            <X aria-hidden size={16} />
          </button>
        </div>
      ))}
      <button
        type="button"
        className="chip px-3"
        onClick={() => onChange([...slots, newRow(after.length + slots.length + 1)])}
      >
        + a place
      </button>
    </fieldset>
  )
}
