'use client'

import type { GreaseResponse } from '@/contract/setting'
import { UnitText } from '@/features/shell'
import * as texts from '@/texts/fits'
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
    head: texts.where,
    className: 'py-1',
    cell: ({ where, isNumber }) => (isNumber ? <span className="number">{where}</span> : where),
  },
  { id: 'note', head: texts.room, className: 'text-ink2', cell: ({ note }) => note },
  { id: 'amount', head: texts.grease, figures: true, cell: ({ amount }) => <UnitText text={amount} /> },
]

/** Every bearing, the cavity and the lips, each with its share. */
function amountsOf({ bearings, cavity, lips }: GreaseResponse): Amount[] {
  const written = ({ grams, ml }: { grams: number; ml: number }): string => texts.gMl(grams, ml)
  const other = (where: string, share: typeof cavity): Amount[] =>
    share ? [{ where, isNumber: false, note: '', amount: written(share) }] : []
  return [
    ...bearings.map((b) => ({
      where: b.designation,
      isNumber: true,
      note: b.greasing === 'byHand' ? texts.ofMlFree(b.freeMl) : texts.GREASED[b.greasing],
      amount: b.greasing === 'byHand' ? written(b) : '',
    })),
    ...other(texts.cavity, cavity),
    ...other(texts.sealLipsABead, lips),
  ]
}

/** How much grease goes where. */
export function GreaseAmounts({ answer }: { answer: GreaseResponse }) {
  return (
    <DataTable
      label={texts.greaseOfEachBearing}
      rows={amountsOf(answer)}
      columns={COLUMNS}
      keyOf={(_, i) => i}
    />
  )
}
