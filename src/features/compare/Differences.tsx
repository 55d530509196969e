import type { CompareResponse } from '@/contract/judgement'
import * as texts from '@/texts/compare'
import { PartNumber } from '@/ui/PartNumber'
import type { Column } from '@/ui/table/column'
import { DataTable } from '@/ui/table/DataTable'
import { VerdictMark } from '@/ui/VerdictMark'

const SIGNS = { same: 'pass', look: 'warn', no: 'fail', unknown: 'gap' } as const

/** A size in its two units, one under the other. */
function ValueText({ text }: { text: string }) {
  const [first = '', ...rest] = text.split(' (')
  return (
    <span className="number text-[0.84375rem]">
      {rest.length > 0 ? <span className="whitespace-nowrap">{first}</span> : <PartNumber text={first} />}
      {rest.map((part) => (
        <span key={part} className="block whitespace-nowrap text-ink3">
          {part.replace(')', '')}
        </span>
      ))}
    </span>
  )
}

type Difference = CompareResponse['rows'][number]

const CELL = 'py-1.5 align-top'
const COLUMNS: Column<Difference>[] = [
  {
    id: 'verdict',
    head: texts.verdict,
    headHidden: true,
    className: `w-8 ${CELL}`,
    cell: ({ result }) => <VerdictMark verdict={SIGNS[result]} />,
  },
  { id: 'feature', head: texts.feature, className: `font-semibold ${CELL}`, cell: ({ label }) => label },
  { id: 'old', head: texts.old, className: CELL, cell: (row) => <ValueText text={row.old} /> },
  { id: 'new', head: texts.newOne, className: CELL, cell: (row) => <ValueText text={row.new} /> },
  {
    id: 'meaning',
    head: texts.whatItMeans,
    below: true,
    className: `text-ink2 max-sm:pt-0 max-sm:pl-10 ${CELL}`,
    cell: ({ difference, meaning }) =>
      [difference === 'differs' ? '' : difference, meaning].filter(Boolean).join('. ') || texts.theSame,
  },
]

/** Every feature, old against new, and what it means. */
export function Differences({ rows }: { rows: CompareResponse['rows'] }) {
  return (
    <DataTable
      label={texts.differences}
      narrowRow="max-sm:grid max-sm:grid-cols-[32px_minmax(0,1fr)_100px_100px]"
      rows={rows}
      columns={COLUMNS}
      keyOf={({ feature }) => feature}
      rowData={({ feature, result }) => ({ 'data-feature': feature, 'data-result': result })}
    />
  )
}
