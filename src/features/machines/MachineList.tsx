'use client'

import type { Output } from '@/contract/endpoints'
import type { Route } from 'next'
import * as common from '@/texts/common'
import * as texts from '@/texts/machines'
import { Link } from '@/ui/Link'
import { useRouter } from 'next/navigation'
import { useState, type FormEvent } from 'react'
import { Frame } from '@/features/shell'
import { call, errorMessage } from '@/ui/call'
import { useUrlText } from '@/ui/urlState'
import { usePages } from '@/ui/usePages'
import type { Column } from '@/ui/table/column'
import { DataTable } from '@/ui/table/DataTable'

type Position = Output<'GET /api/machines'>['items'][number]['positions'][number]

const POSITIONS: Column<Position>[] = [
  {
    id: 'position',
    head: texts.position,
    by: ({ name, side }) => `${name} ${side}`,
    cell: ({ name, side }) => `${name}${side && `, ${side}`}`,
  },
  {
    id: 'fitted',
    head: texts.fittedLast,
    by: ({ fitted }) => fitted || null,
    className: 'number',
    cell: ({ fitted }) => fitted || <span className="font-sans text-ink3">{texts.nothingRecorded}</span>,
  },
  {
    id: 'arrangement',
    head: texts.arrangement,
    by: ({ arrangement }) => arrangement,
    cell: ({ arrangement }) => arrangement ?? '–',
  },
  {
    id: 'places',
    head: texts.places,
    by: ({ quantity }) => quantity,
    figures: true,
    cell: ({ quantity }) => quantity,
  },
]

/** The register: machines, their positions and what was fitted last. */
export function MachineList({
  initial,
  initialQuery,
}: {
  initial: Output<'GET /api/machines'>
  initialQuery: string
}) {
  const router = useRouter()
  const [text, setText] = useUrlText('q')
  const [name, setName] = useState('')
  const [error, setError] = useState('')
  const q = text.trim()
  const query = `q=${encodeURIComponent(q)}`
  const { pages, message, waiting, hasMore, more } = usePages('GET /api/machines', {
    query,
    initial,
    initialQuery: `q=${encodeURIComponent(initialQuery)}`,
  })
  const machines = pages.flatMap(({ items }) => items)
  const add = (event: FormEvent) => {
    event.preventDefault()
    call('POST /api/machines', { body: { name } })
      .then(({ id }) => router.push(`/machines/${id}` as Route))
      .catch((thrown: unknown) => setError(errorMessage(thrown)))
  }
  return (
    <Frame
      about={<b className="font-semibold text-ink">{texts.machinesAndPositions}</b>}
      state={texts.machines(machines.length, hasMore)}
    >
      <div role="region" aria-label={texts.machineRegister} tabIndex={0} className="h-full overflow-auto">
        <div className="mx-auto max-w-[1000px] px-6 py-4">
          <div className="mb-3 flex flex-wrap items-center gap-2">
            <h1 className="mr-auto text-[1.3125rem] font-bold">{texts.machineRegister}</h1>
            <input
              className="field max-w-[220px]"
              aria-label={texts.findAMachine}
              placeholder={texts.nameOrPlace}
              value={text}
              onChange={(e) => void setText(e.target.value)}
            />
            <form className="flex items-center gap-1.5" onSubmit={add}>
              <input
                className="field max-w-[220px]"
                aria-label={texts.nameOfANewMachine}
                placeholder={texts.exampleName}
                maxLength={120}
                value={name}
                onChange={(e) => setName(e.target.value)}
              />
              <button type="submit" className="button" disabled={name.trim() === ''}>
                {common.add}
              </button>
            </form>
          </div>
          {(error || message) && (
            <p role="alert" className="mb-2 text-contra">
              {error || message}
            </p>
          )}
          {machines.length === 0 && !waiting && (
            <p className="text-ink2">{q === '' ? texts.noMachinesYetAdd : texts.noMachineByThat}</p>
          )}
          {machines.map((machine) => (
            <section
              key={machine.id}
              id={`machine-${machine.id}`}
              className="mb-5 rounded-lg border border-line bg-sheet px-5 py-3"
            >
              <h2 className="text-[1.0625rem] font-bold">
                <Link
                  href={`/machines/${machine.id}` as Route}
                  className="inline-flex min-h-10 items-center underline decoration-line underline-offset-4"
                >
                  {machine.name}
                </Link>{' '}
                {machine.place && <span className="font-normal text-ink2">· {machine.place}</span>}
              </h2>
              <p className="mb-2 text-[0.875rem] text-ink2">{machine.note}</p>
              {machine.positions.length > 0 && (
                <DataTable
                  label={texts.positionsOf(machine.name)}
                  rows={machine.positions}
                  columns={POSITIONS}
                  keyOf={({ id }) => id}
                />
              )}
            </section>
          ))}
          {hasMore && (
            <button type="button" className="button" onClick={more}>
              {texts.moreMachines}
            </button>
          )}
        </div>
      </div>
    </Frame>
  )
}
