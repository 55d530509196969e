'use client'

import { useId, useState } from 'react'
import type { Machine } from '@/contract/machine'
import * as common from '@/texts/common'
import * as texts from '@/texts/machines'
import { call, errorMessage } from '@/ui/call'
import { useAnswer } from '@/ui/useAnswer'

interface Props {
  machine: Machine | null
  onChoose: (machine: Machine | null) => void
}

/** A machine of the register, found by part of its name; one that is not there is written into it. */
export function MachineField({ machine, onChoose }: Props) {
  const id = useId()
  const [text, setText] = useState('')
  const [error, setError] = useState('')
  const { answer } = useAnswer(
    'GET /api/machines',
    machine ? null : { query: { limit: '6', q: text.trim() } },
  )
  const name = text.trim()
  const has = (of: string) => of.toLowerCase().includes(name.toLowerCase())
  // The answer to what was typed before may still stand: what it holds must fit what is typed now.
  const items = (answer?.items ?? []).filter((m) => has(m.name) || has(m.place))
  const isNew = name.length > 1 && !items.some((m) => m.name.toLowerCase() === name.toLowerCase())
  const choose = (chosen: Machine | null) => {
    setText('')
    setError('')
    onChoose(chosen)
  }
  const add = () => {
    call('POST /api/machines', { body: { name } })
      .then(choose)
      .catch((thrown: unknown) => setError(errorMessage(thrown)))
  }
  if (machine)
    return (
      <div>
        <span className="caption mb-1 block">{common.machine}</span>
        <p className="flex min-h-11 items-center gap-2 rounded-[7px] border border-line px-3">
          <b className="mr-auto">{machine.name}</b>
          <button type="button" className="chip px-2.5" onClick={() => choose(null)}>
            {texts.another}
          </button>
        </p>
      </div>
    )
  return (
    <div>
      <label htmlFor={id} className="caption mb-1 block">
        {common.machine}
      </label>
      <input
        id={id}
        className="field"
        value={text}
        maxLength={120}
        placeholder={texts.partOfItsName}
        onChange={(e) => setText(e.target.value)}
        onKeyDown={(e) => {
          if (e.key !== 'Enter' || name === '') return
          e.preventDefault()
          const same = items.find((m) => m.name.toLowerCase() === name.toLowerCase())
          const [first, second] = items
          if (same) choose(same)
          else if (first && !second) choose(first)
          else if (!first && isNew) add()
        }}
      />
      <ul aria-label={texts.machinesFound} className="mt-1 flex flex-wrap gap-1.5">
        {items.map((m) => (
          <li key={m.id}>
            <button type="button" className="chip px-2.5" onClick={() => choose(m)}>
              {m.name}
            </button>
          </li>
        ))}
        {isNew && (
          <li>
            <button type="button" className="chip px-2.5" onClick={add}>
              {texts.addToTheRegister(name.slice(0, 40))}
            </button>
          </li>
        )}
      </ul>
      {error && (
        <p role="alert" className="mt-1 text-contra">
          {error}
        </p>
      )}
    </div>
  )
}
