'use client'

import { useState } from 'react'
import { useJob, useNewPosition } from '@/features/job'
import * as common from '@/texts/common'
import * as texts from '@/texts/intake'
import { SelectField } from '@/ui/SelectField'

/** The position of the job on its machine; one that is not there is written into the register. */
export function PositionField() {
  const { job, machine, change } = useJob()
  const { positionId } = job
  const [name, setName] = useState('')
  const { add: write, error } = useNewPosition()
  const add = () => {
    if (name.trim() === '') return
    void write({ name: name.trim() }).then((written) => {
      if (written) setName('')
    })
  }
  return (
    <div>
      <SelectField
        caption
        label={texts.positionInTheRegister}
        value={String(positionId ?? '')}
        disabled={!machine}
        options={[
          ['', machine ? texts.noneChosen : texts.chooseAMachineFirst],
          ...(machine?.positions ?? []).map(
            (p) => [String(p.id), p.name + (p.side && `, ${p.side}`)] as const,
          ),
        ]}
        onPick={(id) => change({ positionId: id ? Number(id) : null })}
      />
      {machine && positionId === null && (
        <p className="mt-1 flex gap-1.5">
          <input
            className="field min-h-9"
            aria-label={texts.nameOfANewPosition}
            placeholder={texts.orANewOne}
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
            {common.add}
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
