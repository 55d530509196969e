'use client'

import { useEffect, useId, useRef, useState } from 'react'
import type { Machine } from '@/contract/machine'
import { useAnswer } from '@/ui/useAnswer'

interface Props {
  /** id of a machine; empty = every machine */
  value: string
  onChange: (id: string) => void
}

/** Machines offered while a name is typed. */
const OFFERED = 20
const nameOf = ({ name, place }: Machine): string => (place ? `${name}, ${place}` : name)

/** One machine of the register, found by part of its name; nothing typed is every machine. */
export function MachineFilter({ value, onChange }: Props) {
  const id = useId()
  const [typed, setTyped] = useState<string | null>(null)
  const input = useRef<HTMLInputElement>(null)
  useEffect(() => {
    // What was typed before the page was ready.
    const early = input.current?.value
    if (early) queueMicrotask(() => setTyped(early))
  }, [])
  const { answer: chosen } = useAnswer<Machine>(value ? `/api/machines/${value}` : null, undefined, 0)
  const { answer: found } = useAnswer<{ items: Machine[] }>(
    typed === null
      ? null
      : `/api/machines?limit=${OFFERED}&q=${encodeURIComponent(typed.split(',')[0] ?? '')}`,
  )
  const meant = found?.items.find((machine) => nameOf(machine).toLowerCase() === typed?.trim().toLowerCase())
  useEffect(() => {
    if (!meant) return
    onChange(String(meant.id))
    queueMicrotask(() => setTyped(null))
  }, [meant, onChange])
  return (
    <>
      <input
        ref={input}
        aria-label="Machine"
        className="field w-[190px]"
        list={id}
        maxLength={120}
        placeholder="every machine"
        value={typed ?? (value && chosen ? nameOf(chosen) : '')}
        onChange={(e) => {
          setTyped(e.target.value)
          if (e.target.value === '') onChange('')
        }}
      />
      <datalist id={id}>
        {found?.items.map((machine) => (
          <option key={machine.id} value={nameOf(machine)} />
        ))}
      </datalist>
    </>
  )
}
