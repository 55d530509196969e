'use client'

import { useState } from 'react'
import type { Machine } from '@/contract/machine'
import { call, wordsOf } from '@/ui/call'
import { SelectField } from '@/ui/SelectField'

interface Props {
  machine: Machine | null
  positionId: number | null
  onChoose: (id: number | null) => void
  /** the machine with a position more */
  onMachine: (machine: Machine) => void
}

/** A position of the machine; one that is not there is written into the register. */
export function PositionField({ machine, positionId, onChoose, onMachine }: Props) {
  const [name, setName] = useState('')
  const [error, setError] = useState('')
  const add = () => {
    if (!machine || name.trim() === '') return
    call('PATCH /api/machines/{id}', {
      path: { id: machine.id },
      body: { positions: [{ name: name.trim() }] },
    })
      .then((stored) => {
        onMachine(stored)
        setName('')
        setError('')
        onChoose(stored.positions.at(-1)?.id ?? null)
      })
      .catch((thrown: unknown) => setError(wordsOf(thrown)))
  }
  return (
    <div>
      <SelectField
        caption
        label="Position in the register"
        value={String(positionId ?? '')}
        disabled={!machine}
        options={[
          ['', machine ? 'none chosen' : 'choose a machine first'],
          ...(machine?.positions ?? []).map(
            (p) => [String(p.id), p.name + (p.side && `, ${p.side}`)] as const,
          ),
        ]}
        onPick={(id) => onChoose(id ? Number(id) : null)}
      />
      {machine && positionId === null && (
        <p className="mt-1 flex gap-1.5">
          <input
            className="field min-h-9"
            aria-label="Name of a new position"
            placeholder="or a new one: rear axle"
            maxLength={120}
            value={name}
            onChange={(e) => setName(e.target.value)}
            onKeyDown={(e) => {
              if (e.key !== 'Enter') return
              e.preventDefault()
              add()
            }}
          />
          <button type="button" className="chip px-2.5" onClick={add} disabled={name.trim() === ''}>
            Add
          </button>
        </p>
      )}
      {error && (
        <p role="alert" className="mt-1 text-contra">
          {error}
        </p>
      )}
    </div>
  )
}
