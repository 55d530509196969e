import type { CompareResponse } from '@/contract/judgement'
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
    head: 'Verdict',
    headHidden: true,
    className: `w-8 ${CELL}`,
    cell: ({ result }) => <VerdictMark verdict={SIGNS[result]} />,
  },
  { id: 'feature', head: 'Feature', className: `font-semibold ${CELL}`, cell: ({ label }) => label },
  { id: 'old', head: 'Old', className: CELL, cell: (row) => <ValueText text={row.old} /> },
  { id: 'new', head: 'New', className: CELL, cell: (row) => <ValueText text={row.new} /> },
  {
    id: 'meaning',
    head: 'What it means',
    below: true,
    className: `text-ink2 max-sm:pt-0 max-sm:pl-10 ${CELL}`,
    cell: ({ difference, meaning }) =>
      [difference === 'differs' ? '' : difference, meaning].filter(Boolean).join('. ') || 'The same.',
  },
]

/** Every feature, old against new, and what it means. */
export function Differences({ rows }: { rows: CompareResponse['rows'] }) {
  return (
    <DataTable
      label="Differences"
      narrowRow="max-sm:grid max-sm:grid-cols-[32px_minmax(0,1fr)_100px_100px]"
      rows={rows}
      columns={COLUMNS}
      keyOf={({ feature }) => feature}
      rowData={({ feature, result }) => ({ 'data-feature': feature, 'data-result': result })}
    />
  )
}
