'use client'

import { useEffect, useId, useState } from 'react'
import type { Machine } from '@/contract/machine'
import * as common from '@/texts/common'
import * as texts from '@/texts/logbook'
import { useAnswer } from '@/ui/useAnswer'

interface Props {
  /** id of a machine; empty = every machine */
  value: string
  onChange: (id: string) => void
}

/** Machines offered while a name is typed. */
const OFFERED = 20
const nameOf = ({ name, place }: Machine): string => (place ? `${name}, ${place}` : name)

/** Machines under the names they are offered by: alike ones with their numbers. */
function namedApart(machines: readonly Machine[]): Map<string, Machine> {
  const names = machines.map(nameOf)
  const isAlone = (name: string): boolean => names.indexOf(name) === names.lastIndexOf(name)
  return new Map(
    machines.map((machine) => {
      const name = nameOf(machine)
      return [isAlone(name) ? name : texts.no(name, machine.id), machine]
    }),
  )
}

/** One machine of the register, found by part of its name; nothing typed is every machine. */
export function MachineFilter({ value, onChange }: Props) {
  const id = useId()
  const [typed, setTyped] = useState<string | null>(null)
  const { answer: chosen } = useAnswer('GET /api/machines/{id}', value ? { path: { id: value } } : null, 0)
  const { answer: found } = useAnswer(
    'GET /api/machines',
    typed === null ? null : { query: { limit: String(OFFERED), q: typed.split(/,| \(/)[0] ?? '' } },
  )
  const offered = namedApart(found?.items ?? [])
  const wanted = typed?.trim().toLowerCase()
  const [, meant] = [...offered].find(([name]) => name.toLowerCase() === wanted) ?? []
  useEffect(() => {
    if (!meant) return
    onChange(String(meant.id))
    queueMicrotask(() => setTyped(null))
  }, [meant, onChange])
  return (
    <>
      <input
        aria-label={common.machine}
        className="field w-[190px]"
        list={id}
        maxLength={120}
        placeholder={texts.everyMachine}
        value={typed ?? (value && chosen ? nameOf(chosen) : '')}
        onChange={(e) => {
          setTyped(e.target.value)
          if (e.target.value === '') onChange('')
        }}
      />
      <datalist id={id}>
        {[...offered.keys()].map((name) => (
          <option key={name} value={name} />
        ))}
      </datalist>
    </>
  )
}
