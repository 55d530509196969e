import type { BasketResponse } from '@/contract/supply'
import * as common from '@/texts/common'
import * as texts from '@/texts/orders'
import type { Column } from '@/ui/table/column'
import { DataTable } from '@/ui/table/DataTable'
import { VerdictMark } from '@/ui/VerdictMark'

type Bought = BasketResponse['picks'][number]

const PICKS: Column<Bought>[] = [
  {
    id: 'number',
    head: common.number,
    className: 'number w-[34%]',
    by: ({ designation }) => designation,
    cell: ({ designation }) => designation,
  },
  { id: 'wanted', head: texts.wanted, figures: true, className: 'text-ink2', cell: ({ wanted }) => wanted },
  {
    id: 'bought',
    head: texts.bought,
    figures: true,
    cell: ({ pieces, pack }) => (
      <>
        {pieces}
        {pack > 1 && <span className="ml-1 text-[0.78125rem] text-ink3">{texts.packsOf(pack)}</span>}
      </>
    ),
  },
  {
    id: 'price',
    head: texts.unitPrice,
    figures: true,
    className: 'text-ink2',
    by: ({ price }) => price,
    cell: ({ price }) => price.toFixed(2),
  },
  {
    id: 'sum',
    head: texts.sum,
    figures: true,
    className: 'font-medium',
    by: ({ cost }) => cost,
    cell: ({ cost }) => cost.toFixed(2),
  },
  {
    id: 'days',
    head: texts.days,
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
        {texts.hereIn(basket.total.toFixed(2), basket.currency, basket.leadTimeDays)}
      </h1>
      <p className="mb-3 text-ink2">
        {texts.goodsFreight(basket.subtotal.toFixed(2), basket.freight.toFixed(2))}
        {basket.exact
          ? texts.noOtherWayOver
          : basket.gapPercent > 0
            ? texts.theCheapestWayMay(basket.gapPercent)
            : texts.perhapsNotTheVery}
      </p>
      {basket.away.length > 0 && (
        <p className="mb-2 text-strain">
          <VerdictMark verdict="warn" isSaid />{' '}
          {texts.withoutNoAnswerJustNow(basket.away.join(common.betweenNames))}
        </p>
      )}
      {basket.missing.length > 0 && (
        <p className="mb-2 text-contra">
          <VerdictMark verdict="fail" isSaid /> {texts.nobodyOffers}{' '}
          <span className="number">{basket.missing.join(', ')}</span>
          {texts.madeToMeasureOr}
        </p>
      )}
      {suppliers.map((name) => (
        <section key={name} aria-label={name} className="mb-4">
          <h2 className="mb-1 text-[0.96875rem] font-bold">{name}</h2>
          <DataTable
            label={texts.from(name)}
            rows={basket.picks.filter((p) => p.supplierName === name)}
            columns={PICKS}
            keyOf={({ designation }) => designation}
            rowHeight={33}
          />
        </section>
      ))}
      {basket.picks.length > 0 && (
        <button type="button" className="button" data-primary disabled={busy} onClick={onOrder}>
          {texts.orderFrom(suppliers.length)}
        </button>
      )}
    </>
  )
}
