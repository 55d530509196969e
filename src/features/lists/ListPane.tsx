'use client'

import type { Route } from 'next'
import { Link } from '@/ui/Link'
import { writeInch, writeMm, type LengthUnit, writeCount } from '@/core/quantity'
import { usePreferences } from '@/features/shell'
import type { ListDetail, ListSummary } from '@/contract/list'
import { urlOf } from '@/ui/call'
import type { Column } from '@/ui/table/column'
import { DataTable } from '@/ui/table/DataTable'

interface Props {
  list: ListSummary
  detail: ListDetail | null
  onDrop: () => void
}

const rows = (n: number): string => `${writeCount(n)} row${n === 1 ? '' : 's'}`
const say = (n: number, one: string, several: string): string => `${rows(n)} ${n === 1 ? one : several}`

function outcome({ state, listed, own, duplicates, problems, read }: ListSummary): string {
  if (state === 'cancelled') return `Stopped after ${rows(read)}. Nothing of it was kept.`
  if (state === 'failed')
    return 'The server stopped in the middle. Nothing of it was kept; take the file in again.'
  const stored = [
    say(listed, 'names a part of the catalogue', 'name parts of the catalogue'),
    say(own, 'is kept as a part of your own', 'are kept as parts of your own'),
  ].join(', ')
  const left = [
    ...(duplicates > 0
      ? [say(duplicates, 'means the same as an earlier one', 'mean the same as earlier ones')]
      : []),
    ...(problems > 0 ? [`${rows(problems)} could not be kept`] : []),
  ]
  return `${stored}${left.length > 0 ? `; ${left.join(', ')}` : ''}.`
}

function Progress({ list, onDrop }: { list: ListSummary; onDrop: () => void }) {
  return (
    <div className="mt-3 flex items-center gap-4">
      <div className="flex-1">
        <p className="mb-1 text-ink2" aria-live="polite">
          {writeCount(list.read)} of {rows(list.all)}
        </p>
        <progress
          className="h-2 w-full accent-[var(--lamp)]"
          value={list.read}
          max={list.all}
          aria-label="Rows taken in"
        />
      </div>
      <button type="button" className="button" onClick={onDrop}>
        Stop
      </button>
    </div>
  )
}

const REMARKS: Column<ListDetail['remarks'][number]>[] = [
  {
    id: 'row',
    head: 'Row',
    by: ({ row }) => row,
    className: 'number w-16 text-ink3',
    cell: ({ row }) => row,
  },
  {
    id: 'text',
    head: 'As written',
    by: ({ text }) => text,
    className: 'number whitespace-nowrap',
    cell: ({ text }) => text,
  },
  {
    id: 'message',
    head: 'Why',
    by: ({ message }) => message,
    className: 'text-ink2',
    cell: ({ message }) => message,
  },
]

function Remarks({ detail }: { detail: ListDetail }) {
  return (
    <section aria-label="Rows not kept" className="flex min-h-0 flex-1 flex-col">
      <div className="flex items-baseline gap-3">
        <h2 className="text-[0.9375rem] font-bold">Rows not kept</h2>
        <a
          className="underline"
          href={urlOf('GET /api/lists/{id}/remarks.csv', { path: { id: detail.id } })}
          download
        >
          Save as CSV
        </a>
      </div>
      <div className="mt-1 min-h-0 overflow-hidden rounded-lg border border-line bg-sheet">
        <DataTable
          label="Remarks"
          scrolls
          onSheet
          rows={detail.remarks}
          columns={REMARKS}
          keyOf={({ row }) => row}
        />
      </div>
    </section>
  )
}

const itemColumns = (unit: LengthUnit): Column<ListDetail['items'][number]>[] => [
  {
    id: 'written',
    head: 'As written',
    by: ({ designation }) => designation,
    cell: ({ designation }) => (
      <Link
        className="number inline-flex min-h-9 items-center font-medium"
        href={`/parts/${encodeURIComponent(designation)}` as Route}
      >
        {designation}
      </Link>
    ),
  },
  {
    id: 'is',
    head: 'Is',
    by: ({ base }) => base,
    className: 'text-ink2',
    cell: ({ base }) => (base ? <span className="number">{base}</span> : <span className="tag">own</span>),
  },
  {
    id: 'sizes',
    head: `Bore × outside × width, ${unit}`,
    by: ({ bore }) => bore,
    figures: true,
    className: 'text-ink2',
    cell: ({ bore, outside, width }) =>
      [bore, outside, width]
        .map((mm) => (mm === null ? '–' : (unit === 'mm' ? writeMm : writeInch)(mm)))
        .join(' × '),
  },
  {
    id: 'quantity',
    head: 'Quantity',
    by: ({ quantity }) => quantity,
    figures: true,
    cell: ({ quantity }) => quantity ?? '',
  },
  { id: 'bin', head: 'Bin', by: ({ bin }) => bin || null, className: 'text-ink2', cell: ({ bin }) => bin },
]

function Items({ detail }: { detail: ListDetail }) {
  const { unit } = usePreferences()
  const more = detail.listed + detail.own - detail.items.length
  return (
    <section aria-label="Parts of the list" className="flex min-h-0 min-w-0 flex-1 flex-col">
      <h2 className="text-[0.9375rem] font-bold">
        Parts{more > 0 && <span className="font-normal text-ink2">, the first {detail.items.length}</span>}
      </h2>
      <div className="mt-1 min-h-0 overflow-hidden rounded-lg border border-line bg-sheet">
        <DataTable
          label="Items"
          scrolls
          onSheet
          rows={detail.items}
          columns={itemColumns(unit)}
          keyOf={({ row }) => row}
        />
      </div>
    </section>
  )
}

/** One list: how far it is, what came of it, the rows that were not kept. */
export function ListPane({ list, detail, onDrop }: Props) {
  const working = list.state === 'running'
  return (
    <section aria-label={list.name} className="flex h-full min-h-0 min-w-0 flex-col gap-3 px-3 py-4 sm:px-6">
      <div className="flex flex-wrap items-center gap-3">
        <h1 className="mr-auto text-[1.3125rem] font-bold">{list.name}</h1>
        {!working && (
          <button type="button" className="button" onClick={onDrop}>
            Remove the list
          </button>
        )}
      </div>
      {working ? <Progress list={list} onDrop={onDrop} /> : <p className="text-ink2">{outcome(list)}</p>}
      {!working && detail && (
        <div className="flex min-h-0 min-w-0 flex-1 flex-col gap-5 lg:flex-row">
          {detail.items.length > 0 && <Items detail={detail} />}
          {detail.remarks.length > 0 && <Remarks detail={detail} />}
        </div>
      )}
    </section>
  )
}
