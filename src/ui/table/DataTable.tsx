'use client'

import {
  createSortedRowModel,
  rowSortingFeature,
  tableFeatures,
  useTable,
  type ColumnDef,
} from '@tanstack/react-table'
import { ArrowDown, ArrowUp } from 'lucide-react'
import { useMemo, useRef, type ReactNode } from 'react'
import * as texts from '@/texts/ui'
import { notifyDone } from '../notify'
import { useStoredState } from '../useStoredState'
import { useRoving } from '../useRoving'
import type { Column } from './column'
import { ColumnMenu } from './ColumnMenu'
import { useInSight } from './useInSight'

const features = tableFeatures({
  rowSortingFeature,
  sortedRowModel: createSortedRowModel(),
})

const inOrder = new Intl.Collator('en', { numeric: true, sensitivity: 'base' })

/** Numbers by size, texts as people order them: 6205 before 16005, A2 before A10. */
const compare = (a: unknown, b: unknown): number =>
  typeof a === 'number' && typeof b === 'number' ? a - b : inOrder.compare(String(a), String(b))

/** The controls of rows that have one each. */
const rowControls = (frame: HTMLElement): HTMLElement[] =>
  [...frame.querySelectorAll<HTMLTableRowElement>('tbody tr')].flatMap((row) => {
    const controls = row.querySelectorAll<HTMLElement>('a[href], button, input, select, textarea')
    return controls.length === 1 && controls[0]?.matches('a, button') ? [controls[0]] : []
  })

/** More rows than this are drawn only where they are in sight. */
const MAX_DRAWN = 150

interface Props<T> {
  /** names the table, and its region where it scrolls by itself */
  label: string
  rows: readonly T[]
  /** the same array from one drawing to the next unless they change */
  columns: readonly Column<T>[]
  /** @param index of the row as it came */
  keyOf: (row: T, index: number) => string | number
  /** least height of a row, px */
  rowHeight?: number
  rowClass?: (row: T) => string
  /** marks of a row for styles and tests, as `data-` attributes */
  rowData?: (row: T) => Record<`data-${string}`, string>
  onRow?: (row: T) => void
  /** takes the room it is given and scrolls in it, its head stays in sight */
  scrolls?: boolean
  /** it lies on a sheet, not on the paper of the page */
  onSheet?: boolean
  /** a list in pages: it can be ordered only when all of it is here */
  pages?: { hasMore: boolean; all: () => Promise<boolean> }
  /** the reader chooses columns; they are kept in this browser under this name */
  columnsKey?: string
  /** grid of a row on a narrow screen, where a column that goes `below` stands under the others */
  narrowRow?: `max-sm:${string}`
  /** below the rows, scrolling with them */
  children?: ReactNode
  caption?: string
}

/** Rows under heads: ordered by a press on a head; long lists are drawn where they are in sight. */
export function DataTable<T extends object>({
  label,
  rows,
  columns,
  keyOf,
  rowHeight = 36,
  rowClass,
  rowData,
  onRow,
  scrolls = false,
  onSheet = false,
  pages,
  columnsKey,
  narrowRow,
  children,
  caption,
}: Props<T>) {
  const frame = useRef<HTMLDivElement>(null)
  const onKeyDown = useRoving(frame, rowControls)
  /** columns left out; nothing is ever kept under no name */
  const [left, setLeft] = useStoredState<string[]>(`columns.${columnsKey ?? 'none'}`, [])
  const defs = useMemo(
    () =>
      columns.map(({ id, by }): ColumnDef<typeof features, T> => ({
        id,
        accessorFn: (row) => by?.(row) ?? undefined,
        enableSorting: by !== undefined,
        sortUndefined: 'last',
        sortDescFirst: false,
        sortFn: (a, b, column) => compare(a.getValue(column), b.getValue(column)),
      })),
    [columns],
  )
  const table = useTable({
    features,
    columns: defs,
    data: rows,
    getRowId: (row, index) => String(keyOf(row, index)),
  })
  const ordered = table.getRowModel().rows
  const isLong = scrolls && ordered.length > MAX_DRAWN
  const sight = useInSight(frame, isLong ? ordered.length : 0, rowHeight)
  const drawn = isLong ? sight.places : ordered.map((_, i) => i)
  const visible = columns.filter(({ id }) => !left.includes(id))
  const align = ({ figures, wide }: Column<T>): string =>
    `px-2 ${figures ? 'text-right' : 'text-left'} ${wide ? 'max-sm:hidden' : ''}`
  const order = async (id: string): Promise<void> => {
    if (pages?.hasMore && !(await pages.all())) return notifyDone(texts.tooManyRowsTo)
    table.getColumn(id)?.toggleSorting()
  }
  const head = (column: Column<T>) => {
    const sorted = table.getColumn(column.id)?.getIsSorted() ?? false
    const Arrow = sorted === 'desc' ? ArrowDown : ArrowUp
    return (
      <th
        key={column.id}
        scope="col"
        aria-sort={sorted === 'asc' ? 'ascending' : sorted === 'desc' ? 'descending' : undefined}
        className={`py-1 font-semibold ${align(column)} ${column.below ? 'max-sm:hidden' : ''}`}
      >
        {column.by && rows.length > 1 ? (
          <button
            type="button"
            className={`inline-flex min-h-8 items-center gap-1 font-semibold ${column.figures ? 'flex-row-reverse' : ''}`}
            onClick={() => void order(column.id)}
          >
            {column.head}
            <Arrow aria-hidden size={13} className={sorted ? '' : 'opacity-0'} />
          </button>
        ) : column.headHidden ? (
          <span className="sr-only">{column.head}</span>
        ) : (
          column.head
        )}
      </th>
    )
  }
  const body = (
    <table
      aria-label={caption ? undefined : label}
      aria-rowcount={isLong ? ordered.length + 1 : undefined}
      className="w-full text-[0.90625rem]"
    >
      {caption && <caption className="caption pb-1 text-left">{caption}</caption>}
      <thead className={`caption ${scrolls ? `sticky top-0 z-10 ${onSheet ? 'bg-sheet' : 'bg-paper'}` : ''}`}>
        <tr className={narrowRow}>
          {visible.map(head)}
          {columnsKey !== undefined && (
            <th scope="col" className="w-9 text-right">
              <ColumnMenu columns={columns} left={left} onLeft={setLeft} />
            </th>
          )}
        </tr>
      </thead>
      <tbody>
        {sight.above > 0 && <tr aria-hidden style={{ height: sight.above }} />}
        {drawn.map((index) => {
          const row = ordered[index]?.original
          if (!row) return null
          return (
            <tr
              key={ordered[index]?.id}
              {...rowData?.(row)}
              aria-rowindex={isLong ? index + 2 : undefined}
              style={narrowRow ? undefined : { height: rowHeight }}
              onClick={onRow && (() => onRow(row))}
              className={`border-t border-line2 ${narrowRow ?? ''} ${onRow ? 'cursor-pointer' : ''} ${rowClass?.(row) ?? ''}`}
            >
              {visible.map((column) => (
                <td
                  key={column.id}
                  className={`${align(column)} ${column.figures ? 'number' : ''} ${column.below ? 'max-sm:col-span-full' : ''} ${column.className ?? ''}`}
                >
                  {column.cell(row, index)}
                </td>
              ))}
              {columnsKey !== undefined && <td />}
            </tr>
          )
        })}
        {sight.below > 0 && <tr aria-hidden style={{ height: sight.below }} />}
      </tbody>
    </table>
  )
  if (!scrolls) return body
  return (
    <div
      ref={frame}
      role="region"
      aria-label={label}
      tabIndex={0}
      className="h-full min-h-0 overflow-auto"
      onKeyDown={onKeyDown}
    >
      {body}
      {children}
    </div>
  )
}
