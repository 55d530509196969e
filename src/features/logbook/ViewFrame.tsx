'use client'

import { useMemo, type ReactNode } from 'react'
import { writeCount } from '@/core/quantity'
import * as texts from '@/texts/logbook'
import type { QueryState } from '@/ui/useAnswer'
import type { Column } from '@/ui/table/column'
import { DataTable } from '@/ui/table/DataTable'

interface Props<T> {
  answer: QueryState<T>
  isEmpty: (answer: T) => boolean
  /** what fills an empty view */
  empty: string
  children: (answer: T) => ReactNode
}

/** A view of the history: while it is asked for, refused, empty, or there. */
export function ViewFrame<T>({ answer: { answer, message }, isEmpty, empty, children }: Props<T>) {
  return (
    <div role="region" aria-label={texts.view} tabIndex={0} className="h-full overflow-auto">
      <div className="mx-auto max-w-[1180px] px-3 py-4 sm:px-6">
        {message && (
          <p role="alert" className="mb-2 text-contra">
            {message}
          </p>
        )}
        {answer && (isEmpty(answer) ? <p className="py-6 text-ink2">{empty}</p> : children(answer))}
      </div>
    </div>
  )
}

interface TableProps {
  caption: string
  /** the first names the rows, the others are figures, but for those without a digit */
  columns: readonly string[]
  rows: readonly (readonly (string | number)[])[]
}

/** The figures of a chart. */
export function FigureTable({ caption, columns, rows }: TableProps) {
  const heads = useMemo(
    () =>
      columns.map((head, i): Column<TableProps['rows'][number]> => ({
        id: String(i),
        head,
        by: (row) => row[i],
        figures: i > 0 && rows.some((row) => /\d/.test(String(row[i]))),
        className: i > 0 ? 'whitespace-nowrap' : '',
        cell: (row) => row[i],
      })),
    [columns, rows],
  )
  return (
    <DataTable
      label={caption}
      caption={caption}
      rows={rows}
      columns={heads}
      keyOf={(_, index) => index}
      rowHeight={33}
    />
  )
}

/** Says that a table of machines does not hold them all. */
export function MoreMachines({ shown, all }: { shown: number; all: number }) {
  if (shown >= all) return null
  return <p className="mt-1 text-[0.875rem] text-ink2">{texts.ofMachinesTheCsv(shown, writeCount(all))}</p>
}
