'use client'

import { useState } from 'react'
import type { MachineChange } from '@/contract/machine'
import { typedAmount } from '@/core/quantity'
import * as common from '@/texts/common'
import * as texts from '@/texts/machines'
import { Field } from '@/ui/Field'
import type { Position } from './PositionParts'

/** Changes what a position is called, where it is and how many are alike. */
export function EditPosition({
  position,
  onSave,
}: {
  position: Position
  onSave: (change: MachineChange) => void
}) {
  const [draft, setDraft] = useState({
    name: position.name,
    side: position.side,
    arrangement: position.arrangement ?? '',
    quantity: String(position.quantity),
  })
  const field = (name: keyof typeof draft, label: string) => (
    <Field
      text
      label={label}
      value={draft[name]}
      maxLength={120}
      onChange={(value) => setDraft({ ...draft, [name]: value })}
    />
  )
  return (
    <details className="text-[0.875rem]">
      <summary className="min-h-8 cursor-pointer text-ink2">{texts.changeThisPosition}</summary>
      <form
        className="fields lg:grid-cols-[minmax(0,1.4fr)_1fr_1fr_80px_auto]"
        onSubmit={(e) => {
          e.preventDefault()
          const arrangement = draft.arrangement.trim()
          onSave({
            positions: [
              {
                id: position.id,
                name: draft.name,
                side: draft.side,
                arrangement: arrangement === '' ? null : arrangement,
                quantity: typedAmount(draft.quantity),
              },
            ],
          })
        }}
      >
        {field('name', texts.position)}
        {field('side', texts.side)}
        {field('arrangement', texts.arrangement)}
        {field('quantity', texts.alike)}
        <button type="submit" className="button" disabled={draft.name.trim() === ''}>
          {common.save}
        </button>
      </form>
    </details>
  )
}
