import type { BasketResponse } from '@/contract/supply'
import type { Column } from '@/ui/table/column'
import { DataTable } from '@/ui/table/DataTable'
import { VerdictMark } from '@/ui/VerdictMark'

type Bought = BasketResponse['picks'][number]

const PICKS: Column<Bought>[] = [
  {
    id: 'number',
    head: 'Number',
    className: 'number w-[34%]',
    by: ({ designation }) => designation,
    cell: ({ designation }) => designation,
  },
  { id: 'wanted', head: 'Wanted', figures: true, className: 'text-ink2', cell: ({ wanted }) => wanted },
  {
    id: 'bought',
    head: 'Bought',
    figures: true,
    cell: ({ pieces, pack }) => (
      <>
        {pieces}
        {pack > 1 && <span className="ml-1 text-[0.78125rem] text-ink3">({pack}s)</span>}
      </>
    ),
  },
  {
    id: 'price',
    head: 'Unit price',
    figures: true,
    className: 'text-ink2',
    by: ({ price }) => price,
    cell: ({ price }) => price.toFixed(2),
  },
  {
    id: 'sum',
    head: 'Sum',
    figures: true,
    className: 'font-medium',
    by: ({ cost }) => cost,
    cell: ({ cost }) => cost.toFixed(2),
  },
  {
    id: 'days',
    head: 'Days',
    figures: true,
    className: 'text-ink2',
    by: ({ leadTimeDays }) => leadTimeDays,
    cell: ({ leadTimeDays }) => leadTimeDays,
  },
]

interface Props {
  basket: BasketResponse
  busy: boolean
  onOrder: () => void
}

/** The cheapest way to buy the list: who delivers what, packs and freight included. */
export function BasketPane({ basket, busy, onOrder }: Props) {
  const suppliers = [...new Set(basket.picks.map((p) => p.supplierName))]
  return (
    <>
      <h1 className="text-[1.3125rem] font-bold">
        {basket.total.toFixed(2)} {basket.currency}, here in {basket.leadTimeDays}{' '}
        {basket.leadTimeDays === 1 ? 'day' : 'days'}
      </h1>
      <p className="mb-3 text-ink2">
        Goods {basket.subtotal.toFixed(2)}, freight {basket.freight.toFixed(2)}
        {basket.exact
          ? '. No other way over these suppliers costs less.'
          : basket.gapPercent > 0
            ? `. The cheapest way may cost up to ${basket.gapPercent} % less: there was no time to look at all.`
            : '. Perhaps not the very best: the list is long.'}
      </p>
      {basket.away.length > 0 && (
        <p className="mb-2 text-strain">
          <VerdictMark verdict="warn" isSaid /> Without {basket.away.join(' and ')}: no answer just now.
        </p>
      )}
      {basket.missing.length > 0 && (
        <p className="mb-2 text-contra">
          <VerdictMark verdict="fail" isSaid /> Nobody offers{' '}
          <span className="number">{basket.missing.join(', ')}</span>. Made to measure, or look for an
          equivalent.
        </p>
      )}
      {suppliers.map((name) => (
        <section key={name} aria-label={name} className="mb-4">
          <h2 className="mb-1 text-[0.96875rem] font-bold">{name}</h2>
          <DataTable
            label={`From ${name}`}
            rows={basket.picks.filter((p) => p.supplierName === name)}
            columns={PICKS}
            keyOf={({ designation }) => designation}
            rowHeight={33}
          />
        </section>
      ))}
      {basket.picks.length > 0 && (
        <button type="button" className="button" data-primary disabled={busy} onClick={onOrder}>
          Order from {suppliers.length} {suppliers.length === 1 ? 'supplier' : 'suppliers'}
        </button>
      )}
    </>
  )
}
