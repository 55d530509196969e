'use client'

import { writeCount } from '@/core/quantity'
import { LIST_FIELDS, type ListField } from '@/core/lists'
import type { PreviewResponse } from '@/contract/list'
import { ChipChoice } from '@/ui/ChipChoice'
import { SelectField } from '@/ui/SelectField'
import type { Draft } from './useImport'

const FIELD_WORDS: Record<ListField, string> = {
  designation: 'Number',
  bore: 'Bore',
  outside: 'Outside',
  width: 'Width',
  quantity: 'Quantity',
  price: 'Price',
  bin: 'Bin',
}

interface Props {
  draft: Draft
  onChange: (changes: Partial<Pick<Draft, 'name' | 'kind' | 'unit'>>) => void
  onColumn: (field: ListField, column: string | null) => void
  onStart: () => void
  onLeave: () => void
}

function SampleRow({ row, text, item, problem }: PreviewResponse['sample'][number]) {
  if (!item)
    return (
      <tr className="border-t border-line2 bg-wash">
        <td className="number px-2 py-1.5 text-ink3">{row}</td>
        <td className="number px-2">{text}</td>
        <td colSpan={6} className="px-2 text-lamp-ink">
          {problem}
        </td>
      </tr>
    )
  const figure = (value: number | null) => (value === null ? '' : value)
  return (
    <tr className="h-9 border-t border-line2">
      <td className="number px-2 text-ink3">{row}</td>
      <td className="number px-2 font-medium">{text}</td>
      <td className="px-2">
        {item.base ? (
          <span className="number">{item.base}</span>
        ) : (
          <span className="tag">kept as your own</span>
        )}
      </td>
      <td className="number px-2 text-right">{figure(item.bore)}</td>
      <td className="number px-2 text-right">{figure(item.outside)}</td>
      <td className="number px-2 text-right">{figure(item.width)}</td>
      <td className="number px-2 text-right">{figure(item.quantity)}</td>
      <td className="number px-2 text-right">{figure(item.price)}</td>
    </tr>
  )
}

/** A file before it is taken in: which column holds what, and the first rows as they are understood. */
export function ImportPane({ draft, onChange, onColumn, onStart, onLeave }: Props) {
  const { preview, columns } = draft
  const settled = columns.designation !== undefined && draft.name.trim() !== ''
  return (
    <section aria-label="New list" className="flex h-full min-h-0 flex-col px-6 py-4">
      <div className="flex items-end gap-3">
        <label className="w-[300px]">
          <span className="caption">Name of the list</span>
          <input
            className="field px-2.5"
            value={draft.name}
            maxLength={120}
            onChange={(e) => onChange({ name: e.target.value })}
          />
        </label>
        <ChipChoice
          label="Whose list"
          value={draft.kind}
          options={[
            ['own', 'Our own'],
            ['supplier', 'A supplier’s'],
          ]}
          onPick={(kind) => onChange({ kind })}
        />
        <ChipChoice
          label="Unit of sizes that state none"
          value={draft.unit}
          options={[
            ['mm', 'mm'],
            ['in', 'in'],
          ]}
          onPick={(unit) => onChange({ unit })}
        />
        <span className="ml-auto flex gap-2">
          <button type="button" className="button" onClick={onLeave}>
            Cancel
          </button>
          <button type="button" className="button" data-primary disabled={!settled} onClick={onStart}>
            Import {writeCount(preview.rows)} rows
          </button>
        </span>
      </div>
      <p className="mt-2 text-ink2">
        {draft.file.name}: {preview.encoding}, columns parted by {preview.delimiter}. Say which column holds
        what; leave the rest out.
      </p>
      <div className="mt-2 grid grid-cols-7 gap-2">
        {LIST_FIELDS.map((field) => (
          <SelectField
            key={field}
            caption
            label={FIELD_WORDS[field]}
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
      <div
        role="region"
        aria-label="First rows"
        tabIndex={0}
        className="mt-3 min-h-0 flex-1 overflow-auto rounded-lg border border-line bg-sheet"
      >
        <table aria-label="First rows of the file" className="w-full text-[0.90625rem]">
          <thead className="caption sticky top-0 bg-sheet text-left">
            <tr>
              <th scope="col" className="px-2 py-2 font-semibold">
                Row
              </th>
              <th scope="col" className="px-2 font-semibold">
                As written
              </th>
              <th scope="col" className="px-2 font-semibold">
                Is
              </th>
              <th scope="col" className="px-2 text-right font-semibold">
                Bore mm
              </th>
              <th scope="col" className="px-2 text-right font-semibold">
                Outside mm
              </th>
              <th scope="col" className="px-2 text-right font-semibold">
                Width mm
              </th>
              <th scope="col" className="px-2 text-right font-semibold">
                Quantity
              </th>
              <th scope="col" className="px-2 text-right font-semibold">
                Price
              </th>
            </tr>
          </thead>
          <tbody>
            {preview.sample.map((row) => (
              <SampleRow key={row.row} {...row} />
            ))}
          </tbody>
        </table>
      </div>
    </section>
  )
}
