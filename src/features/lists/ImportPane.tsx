'use client'

import { useMemo } from 'react'
import { writeCount, writeInch, writeMm, type LengthUnit } from '@/core/quantity'
import { LIST_FIELDS, type ListField } from '@/core/lists'
import type { PreviewResponse } from '@/contract/list'
import { usePreferences } from '@/features/shell'
import * as common from '@/texts/common'
import * as texts from '@/texts/lists'
import { ChipChoice } from '@/ui/ChipChoice'
import { SelectField } from '@/ui/SelectField'
import type { Column } from '@/ui/table/column'
import { DataTable } from '@/ui/table/DataTable'
import type { Draft } from './useImport'

const FIELD_LABELS: Record<ListField, string> = {
  designation: common.number,
  bore: common.bore,
  outside: common.outside,
  width: common.width,
  quantity: common.quantity,
  price: texts.price,
  bin: common.bin,
}

interface Props {
  draft: Draft
  onChange: (changes: Partial<Pick<Draft, 'name' | 'kind' | 'unit'>>) => void
  onColumn: (field: ListField, column: string | null) => void
  onStart: () => void
  onLeave: () => void
}

type Sample = PreviewResponse['sample'][number]

const size = (id: 'bore' | 'outside' | 'width', unit: LengthUnit): Column<Sample> => ({
  id,
  head: `${FIELD_LABELS[id]} ${unit}`,
  figures: true,
  cell: ({ item }) => {
    const mm = item?.[id] ?? null
    return mm === null ? '' : (unit === 'mm' ? writeMm : writeInch)(mm)
  },
})

/** @param unit sizes are told in it, whatever the file has */
const columnsIn = (unit: LengthUnit): Column<Sample>[] => [
  { id: 'row', head: texts.row, className: 'number text-ink3', cell: ({ row }) => row },
  { id: 'text', head: texts.asWritten, className: 'number font-medium', cell: ({ text }) => text },
  {
    id: 'is',
    head: texts.is,
    cell: ({ item, problem }) =>
      !item ? (
        <span className="text-lamp-ink">{problem}</span>
      ) : item.base ? (
        <span className="number">{item.base}</span>
      ) : (
        <span className="tag">{texts.keptAsYourOwn}</span>
      ),
  },
  size('bore', unit),
  size('outside', unit),
  size('width', unit),
  { id: 'quantity', head: common.quantity, figures: true, cell: ({ item }) => item?.quantity ?? '' },
  { id: 'price', head: texts.price, figures: true, cell: ({ item }) => item?.price ?? '' },
]

/** A file before it is taken in: which column holds what, and the first rows as they are understood. */
export function ImportPane({ draft, onChange, onColumn, onStart, onLeave }: Props) {
  const { preview, columns } = draft
  const { unit } = usePreferences()
  const shown = useMemo(() => columnsIn(unit), [unit])
  const settled = columns.designation !== undefined && draft.name.trim() !== ''
  return (
    <section aria-label={texts.newList} className="flex h-full min-h-0 flex-col px-6 py-4">
      <div className="flex items-end gap-3">
        <label className="w-[300px]">
          <span className="caption">{texts.nameOfTheList}</span>
          <input
            className="field px-2.5"
            value={draft.name}
            maxLength={120}
            onChange={(e) => onChange({ name: e.target.value })}
          />
        </label>
        <ChipChoice
          label={texts.whoseList}
          value={draft.kind}
          options={[
            ['own', texts.ourOwn],
            ['supplier', texts.aSuppliers],
          ]}
          onPick={(kind) => onChange({ kind })}
        />
        <ChipChoice
          label={texts.unitOfSizesThat}
          value={draft.unit}
          options={[
            ['mm', 'mm'],
            ['in', 'in'],
          ]}
          onPick={(unit) => onChange({ unit })}
        />
        <span className="ml-auto flex gap-2">
          <button type="button" className="button" onClick={onLeave}>
            {texts.cancel}
          </button>
          <button type="button" className="button" data-primary disabled={!settled} onClick={onStart}>
            {texts.importRows(writeCount(preview.rows))}
          </button>
        </span>
      </div>
      <p className="mt-2 text-ink2">
        {texts.columnsPartedBySay(draft.file.name, preview.encoding, preview.delimiter)}
      </p>
      <div className="mt-2 grid grid-cols-7 gap-2">
        {LIST_FIELDS.map((field) => (
          <SelectField
            key={field}
            caption
            label={FIELD_LABELS[field]}
            className="field px-1.5"
            value={columns[field] ?? ''}
            options={[
              ['', field === 'designation' ? 'choose' : 'none'],
              ...preview.header.map((column) => [column, column] as const),
            ]}
            onPick={(column) => onColumn(field, column || null)}
          />
        ))}
      </div>
      <div className="mt-3 min-h-0 flex-1 overflow-hidden rounded-lg border border-line bg-sheet">
        <DataTable
          label={texts.firstRows}
          scrolls
          onSheet
          rows={preview.sample}
          columns={shown}
          keyOf={({ row }) => row}
          rowClass={({ item }) => (item ? '' : 'bg-wash')}
        />
      </div>
    </section>
  )
}
