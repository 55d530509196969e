'use client'

import { ROLES, SLOT_ROLES, type ArrangementFile } from '@/core/kit'

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
  const joined = parts
    .map((p, i) => (i === 0 ? p.toLowerCase() : `${p[0]?.toUpperCase() ?? ''}${p.slice(1)}`))
    .join('')
  const name = (/^[A-Za-z]/.test(joined) ? joined : `place${joined}`).slice(0, 36)
  return taken.includes(name) ? `${name}${taken.length}` : name
}

const newRow = (n: number): Row => ({
  id: `place${n}`,
  words: '',
  role: 'plain',
  sealSet: 'first',
  carrier: false,
  stacked: false,
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
  const set = (at: number, change: Partial<Row>): void =>
    onChange(slots.map((s, i) => (i === at ? { ...s, ...change } : s)))
  return (
    <fieldset>
      <legend className="caption mb-1">Places added</legend>
      {slots.map((slot, i) => (
        <div
          key={i}
          className="mb-1.5 grid grid-cols-[minmax(0,1.2fr)_150px_150px_60px_auto_auto_40px] items-center gap-1.5"
        >
          <input
            className="field"
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
          <select
            className="field"
            aria-label={`Kind of place ${i + 1}`}
            value={slot.role}
            onChange={(e) => set(i, { role: SLOT_ROLES.find((r) => r === e.target.value) ?? 'plain' })}
          >
            {SLOT_ROLES.map((role) => (
              <option key={role} value={role}>
                {ROLES[role].label}
              </option>
            ))}
          </select>
          <select
            className="field"
            aria-label={`Place ${i + 1} stands after`}
            value={slot.after ?? ''}
            onChange={(e) => set(i, { after: e.target.value || undefined })}
          >
            <option value="">at the end</option>
            {after
              .filter((a) => a.id !== slot.id)
              .map((a) => (
                <option key={a.id} value={a.id}>
                  after {a.words.toLowerCase()}
                </option>
              ))}
          </select>
          <input
            className="field number"
            aria-label={`How many of place ${i + 1}`}
            inputMode="numeric"
            value={slot.perPosition || ''}
            onChange={(e) => set(i, { perPosition: Number(e.target.value.replace(/\D/g, '').slice(0, 3)) })}
          />
          {(
            [
              ['singleUse', 'once only'],
              ['mayStay', 'may stay'],
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
            className="chip justify-center px-0"
            aria-label={`Take place ${i + 1} away`}
            onClick={() => onChange(slots.filter((_, at) => at !== i))}
          >
            ✕
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
