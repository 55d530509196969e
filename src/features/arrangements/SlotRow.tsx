'use client'

import { useSortable } from '@dnd-kit/react/sortable'
import { ArrowDown, ArrowUp, GripVertical, X } from 'lucide-react'
import { ROLES, SLOT_ROLES, type ArrangementFile } from '@/core/kit'
import * as texts from '@/texts/arrangements'
import * as common from '@/texts/common'
import { SelectField } from '@/ui/SelectField'

type Row = ArrangementFile['slots'][number]

const SIDES = ['inner', 'outer', 'left', 'right'] as const
const TRAITS = [
  ['singleUse', common.singleUse],
  ['mayStay', texts.mayStay],
  ['stacked', texts.againstTheOneBefore],
  ['carrier', texts.inTheCarrier],
  ['byThumb', texts.byThumb],
] as const

interface Props {
  slot: Row
  /** place among the rows, and number it is called by */
  index: number
  /** places one may stand after */
  after: readonly { id: string; label: string }[]
  /** what the server wants changed in a field; empty = nothing */
  errorOf: (field: string) => string
  onChange: (change: Partial<Row>) => void
  onMove: (by: -1 | 1) => void
  onRemove: () => void
}

/** One added place. It is dragged by its handle, moved by its arrows, or by Alt and an arrow key. */
export function SlotRow({ slot, index, after, errorOf, onChange, onMove, onRemove }: Props) {
  const { ref, handleRef, isDragging } = useSortable({ id: slot.id, index })
  const n = index + 1
  const errors = ['label', 'id', 'perPosition', 'note'].map(errorOf).filter(Boolean)
  return (
    <div
      ref={ref}
      onKeyDown={(e) => {
        if (!e.altKey || (e.key !== 'ArrowUp' && e.key !== 'ArrowDown')) return
        e.preventDefault()
        onMove(e.key === 'ArrowUp' ? -1 : 1)
      }}
      className={`mb-2 border-b border-line2 bg-paper pb-2 ${isDragging ? 'opacity-80' : ''}`}
    >
      <div className="flex flex-wrap items-center gap-1.5">
        <button
          ref={handleRef}
          type="button"
          className="chip w-11 cursor-grab touch-none justify-center px-0"
          aria-label={texts.dragPlace(n)}
        >
          <GripVertical aria-hidden size={18} />
        </button>
        {(
          [
            [-1, ArrowUp, 'inside'],
            [1, ArrowDown, 'outside'],
          ] as const
        ).map(([by, Icon, side]) => (
          <button
            key={side}
            type="button"
            className="chip w-11 justify-center px-0"
            aria-label={texts.movePlaceTowardThe(n, side)}
            onClick={() => onMove(by)}
          >
            <Icon aria-hidden size={18} />
          </button>
        ))}
        <input
          className="field max-w-[180px]"
          aria-label={texts.nameOfPlace(n)}
          aria-invalid={errors.length > 0 || undefined}
          placeholder={texts.shim}
          maxLength={60}
          value={slot.label}
          onChange={(e) => onChange({ label: e.target.value })}
        />
        <SelectField
          className="field max-w-[170px]"
          label={texts.kindOfPlace(n)}
          value={slot.role}
          options={SLOT_ROLES.map((role) => [role, ROLES[role].label] as const)}
          onPick={(role) => onChange({ role })}
        />
        <SelectField
          className="field max-w-[190px]"
          label={texts.placeStandsAfter(n)}
          value={slot.after ?? ''}
          options={[
            ['', texts.atTheEnd],
            ...after
              .filter((a) => a.id !== slot.id)
              .map((a) => [a.id, texts.after(a.label.toLowerCase() || texts.theUnnamedPlace)] as const),
          ]}
          onPick={(id) => onChange({ after: id || undefined })}
        />
        <input
          className="field number w-[60px]"
          aria-label={texts.howManyOfPlace(n)}
          inputMode="numeric"
          value={slot.perPosition || ''}
          onChange={(e) => onChange({ perPosition: Number(e.target.value.replace(/\D/g, '').slice(0, 3)) })}
        />
        <SelectField
          className="field max-w-[120px]"
          label={texts.sideOfPlace(n)}
          value={slot.side ?? ''}
          options={[['', texts.noSide], ...SIDES.map((side) => [side, side] as const)]}
          onPick={(side) => onChange({ side: side || undefined })}
        />
        {TRAITS.map(([name, label]) => (
          <button
            key={name}
            type="button"
            className="chip px-2.5"
            aria-pressed={slot[name]}
            onClick={() => onChange({ [name]: !slot[name] })}
          >
            {label}
          </button>
        ))}
        <button
          type="button"
          className="chip w-11 justify-center px-0"
          aria-label={texts.takePlaceAway(n)}
          onClick={onRemove}
        >
          <X aria-hidden size={16} />
        </button>
      </div>
      {errors.length > 0 && (
        <p role="alert" className="mt-1 text-[0.875rem] text-contra">
          {errors.join(' ')}
        </p>
      )}
    </div>
  )
}
