'use client'

import type { GreaseResponse } from '@/contract/setting'
import { UnitText } from '@/features/shell'
import type { Column } from '@/ui/table/column'
import { DataTable } from '@/ui/table/DataTable'

interface Amount {
  where: string
  isNumber: boolean
  note: string
  amount: string
}

const COLUMNS: Column<Amount>[] = [
  {
    id: 'where',
    head: 'Where',
    className: 'py-1',
    cell: ({ where, isNumber }) => (isNumber ? <span className="number">{where}</span> : where),
  },
  { id: 'note', head: 'Room', className: 'text-ink2', cell: ({ note }) => note },
  { id: 'amount', head: 'Grease', figures: true, cell: ({ amount }) => <UnitText text={amount} /> },
]

/** Every bearing, the cavity and the lips, each with its share. */
function amountsOf({ bearings, cavity, lips }: GreaseResponse): Amount[] {
  const written = ({ grams, ml }: { grams: number; ml: number }): string => `${grams} g, ${ml} ml`
  const other = (where: string, share: typeof cavity): Amount[] =>
    share ? [{ where, isNumber: false, note: '', amount: written(share) }] : []
  return [
    ...bearings.map((b) => ({
      where: b.designation,
      isNumber: true,
      note: b.sealed ? 'sealed, pre-greased: add no grease' : `of ${b.freeMl} ml free`,
      amount: b.sealed ? '' : written(b),
    })),
    ...other('Cavity', cavity),
    ...other('Seal lips, a bead', lips),
  ]
}

/** How much grease goes where. */
export function GreaseAmounts({ answer }: { answer: GreaseResponse }) {
  return (
    <DataTable
      label="Grease of each bearing"
      rows={amountsOf(answer)}
      columns={COLUMNS}
      keyOf={(_, i) => i}
    />
  )
}
