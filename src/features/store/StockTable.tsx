'use client'

import { useMemo, type ReactNode } from 'react'
import type { StockItem } from '@/contract/supply'
import * as common from '@/texts/common'
import * as texts from '@/texts/store'
import { useTimes } from '@/ui/Times'
import { call, errorMessage } from '@/ui/call'
import type { Column } from '@/ui/table/column'
import { DataTable } from '@/ui/table/DataTable'
import { VerdictMark } from '@/ui/VerdictMark'

interface Props {
  items: readonly StockItem[]
  pages: { hasMore: boolean; all: () => Promise<boolean> }
  counting: boolean
  chosen: number | null
  onChoose: (item: StockItem) => void
  onCounted: (item: StockItem) => void
  onError: (message: string) => void
  /** below the rows */
  children: ReactNode
}

const focusNext = (field: HTMLInputElement): void => {
  const fields = [...document.querySelectorAll<HTMLInputElement>('input[data-count]')]
  const next = fields[fields.indexOf(field) + 1]
  next?.focus()
  next?.select()
}

/** Pieces of an item; none is a dash. */
const some = (pieces: number) => <span className="text-ink2">{pieces || '–'}</span>

/** Items of the store; while counting, a field in each row: type what is there, Enter, next. */
export function StockTable({
  items,
  pages,
  counting,
  chosen,
  onChoose,
  onCounted,
  onError,
  children,
}: Props) {
  const { day } = useTimes()
  const count = (item: StockItem, field: HTMLInputElement): void => {
    if (field.value.trim() === '') return focusNext(field)
    const pieces = Number(field.value)
    call('POST /api/stock/{id}/moves', {
      path: { id: item.id },
      body: { kind: 'count', pieces, note: texts.counted },
    })
      .then((now) => {
        onCounted(now)
        onError(
          (now.shortened ?? [])
            .map((s) => texts.jobHadReservedThat(item.designation, s.jobId, s.pieces))
            .join(' '),
        )
        field.value = ''
        focusNext(field)
      })
      .catch((error: unknown) => onError(`${item.designation}: ${errorMessage(error)}`))
  }
  const columns = useMemo(
    (): Column<StockItem>[] => [
      {
        id: 'number',
        head: common.number,
        by: (item) => item.designation,
        cell: (item) => (
          <button
            type="button"
            className="number min-h-[36px] text-left font-medium"
            aria-current={item.id === chosen ? 'true' : undefined}
            onClick={() => onChoose(item)}
          >
            {item.designation}
          </button>
        ),
      },
      {
        id: 'bin',
        head: common.bin,
        by: (item) => item.bin || null,
        className: 'number text-ink2',
        cell: (item) => item.bin || '–',
        optional: true,
      },
      {
        id: 'quantity',
        wide: true,
        head: texts.onHand,
        by: (item) => item.quantity,
        figures: true,
        cell: (item) => item.quantity,
        optional: true,
      },
      {
        id: 'reserved',
        wide: true,
        head: texts.reserved,
        by: (item) => item.reserved,
        figures: true,
        cell: (item) => some(item.reserved),
        optional: true,
      },
      {
        id: 'free',
        head: common.available,
        by: (item) => item.free,
        figures: true,
        className: 'font-medium',
        cell: (item) => (
          <>
            {item.free < item.minimum && (
              <span className="mr-1.5">
                <VerdictMark verdict="warn" isSaid />
                <span className="sr-only">{texts.belowMinimum}</span>
              </span>
            )}
            {item.free}
          </>
        ),
      },
      {
        id: 'minimum',
        wide: true,
        head: texts.minimum,
        by: (item) => item.minimum,
        figures: true,
        cell: (item) => some(item.minimum),
        optional: true,
      },
      {
        id: 'price',
        wide: true,
        head: texts.price,
        by: (item) => item.price,
        figures: true,
        className: 'text-ink2',
        cell: (item) => item.price?.toFixed(2) ?? '–',
        optional: true,
      },
      {
        id: 'counted',
        wide: true,
        head: texts.lastCounted,
        by: (item) => item.countedAt,
        className: 'number text-ink2',
        cell: (item) => (item.countedAt ? day(item.countedAt) : texts.never),
        optional: true,
      },
    ],
    [chosen, day, onChoose],
  )
  const counted: Column<StockItem> = {
    id: 'now',
    head: texts.countedNow,
    cell: (item) => (
      <input
        data-count
        className="field number w-[84px]"
        inputMode="numeric"
        aria-label={texts.countedNowOfDesignation(item.designation)}
        onClick={(e) => e.stopPropagation()}
        onKeyDown={(e) => {
          if (e.key === 'Enter') count(item, e.currentTarget)
        }}
      />
    ),
  }
  return (
    <DataTable
      label={texts.itemsOfTheStore}
      scrolls
      rows={items}
      columns={counting ? [...columns, counted] : columns}
      columnsKey="store"
      pages={pages}
      keyOf={(item) => item.id}
      rowHeight={38}
      onRow={onChoose}
      rowClass={(item) => (item.id === chosen ? 'shadow-[inset_4px_0_var(--lamp)]' : '')}
    >
      {children}
    </DataTable>
  )
}
