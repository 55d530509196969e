'use client'

import * as common from '@/texts/common'
import * as texts from '@/texts/lists'
import { partPath } from '@/ui/partPath'
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

const rows = (n: number): string => texts.rows(n, writeCount(n))
const say = (n: number, one: string, several: string): string => `${rows(n)} ${n === 1 ? one : several}`

function outcome({ state, listed, own, duplicates, problems, read }: ListSummary): string {
  if (state === 'cancelled') return texts.stoppedAfterNothingOf(rows(read))
  if (state === 'failed') return texts.theServerStoppedIn
  const stored = [
    say(listed, texts.namesAPartOf, texts.namePartsOfTheCatalogue),
    say(own, texts.isKeptAsA, texts.areKeptAsParts),
  ].join(', ')
  const left = [
    ...(duplicates > 0 ? [say(duplicates, texts.meansTheSameAs, texts.meanTheSameAs)] : []),
    ...(problems > 0 ? [texts.couldNotBeKept(rows(problems))] : []),
  ]
  return `${stored}${left.length > 0 ? `; ${left.join(', ')}` : ''}.`
}

function Progress({ list, onDrop }: { list: ListSummary; onDrop: () => void }) {
  return (
    <div className="mt-3 flex items-center gap-4">
      <div className="flex-1">
        <p className="mb-1 text-ink2" aria-live="polite">
          {texts.of(writeCount(list.read), rows(list.all))}
        </p>
        <progress
          className="h-2 w-full accent-[var(--lamp)]"
          value={list.read}
          max={list.all}
          aria-label={texts.rowsTakenIn}
        />
      </div>
      <button type="button" className="button" onClick={onDrop}>
        {texts.stop}
      </button>
    </div>
  )
}

const REMARKS: Column<ListDetail['remarks'][number]>[] = [
  {
    id: 'row',
    head: texts.row,
    by: ({ row }) => row,
    className: 'number w-16 text-ink3',
    cell: ({ row }) => row,
  },
  {
    id: 'text',
    head: texts.asWritten,
    by: ({ text }) => text,
    className: 'number whitespace-nowrap',
    cell: ({ text }) => text,
  },
  {
    id: 'message',
    head: texts.why,
    by: ({ message }) => message,
    className: 'text-ink2',
    cell: ({ message }) => message,
  },
]

function Remarks({ detail }: { detail: ListDetail }) {
  return (
    <section aria-label={texts.rowsNotKept} className="flex min-h-0 flex-1 flex-col">
      <div className="flex items-baseline gap-3">
        <h2 className="text-[0.9375rem] font-bold">{texts.rowsNotKept}</h2>
        <a
          className="underline"
          href={urlOf('GET /api/lists/{id}/remarks.csv', { path: { id: detail.id } })}
          download
        >
          {texts.saveAsCsv}
        </a>
      </div>
      <div className="mt-1 min-h-0 overflow-hidden rounded-lg border border-line bg-sheet">
        <DataTable
          label={common.remarks}
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
    head: texts.asWritten,
    by: ({ designation }) => designation,
    cell: ({ designation }) => (
      <Link className="number inline-flex min-h-9 items-center font-medium" href={partPath(designation)}>
        {designation}
      </Link>
    ),
  },
  {
    id: 'is',
    head: texts.is,
    by: ({ base }) => base,
    className: 'text-ink2',
    cell: ({ base }) =>
      base ? <span className="number">{base}</span> : <span className="tag">{common.own}</span>,
  },
  {
    id: 'sizes',
    head: texts.boreOutsideWidth(unit),
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
    head: common.quantity,
    by: ({ quantity }) => quantity,
    figures: true,
    cell: ({ quantity }) => quantity ?? '',
  },
  {
    id: 'bin',
    head: common.bin,
    by: ({ bin }) => bin || null,
    className: 'text-ink2',
    cell: ({ bin }) => bin,
  },
]

function Items({ detail }: { detail: ListDetail }) {
  const { unit } = usePreferences()
  const more = detail.listed + detail.own - detail.items.length
  return (
    <section aria-label={texts.partsOfTheList} className="flex min-h-0 min-w-0 flex-1 flex-col">
      <h2 className="text-[0.9375rem] font-bold">
        {common.parts}
        {more > 0 && <span className="font-normal text-ink2">{texts.theFirst(detail.items.length)}</span>}
      </h2>
      <div className="mt-1 min-h-0 overflow-hidden rounded-lg border border-line bg-sheet">
        <DataTable
          label={texts.items}
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
            {texts.removeTheList}
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
