import type { BasketResponse } from '@/contract/supply'

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
        {basket.total.toFixed(2)} {basket.currency}, here in {basket.days}{' '}
        {basket.days === 1 ? 'day' : 'days'}
      </h1>
      <p className="mb-3 text-ink2">
        Goods {basket.goods.toFixed(2)}, freight {basket.freight.toFixed(2)}
        {basket.exact
          ? '. No other way over these suppliers costs less.'
          : basket.gapPercent > 0
            ? `. The cheapest way may cost up to ${basket.gapPercent} % less: there was no time to look at all.`
            : '. Perhaps not the very best: the list is long.'}
      </p>
      {basket.away.length > 0 && (
        <p className="mb-2 text-strain">▲ Without {basket.away.join(' and ')}: no answer just now.</p>
      )}
      {basket.missing.length > 0 && (
        <p className="mb-2 text-contra">
          ✕ Nobody offers <span className="number">{basket.missing.join(', ')}</span>. Made to measure, or
          look for an equivalent.
        </p>
      )}
      {suppliers.map((name) => (
        <section key={name} aria-label={name} className="mb-4">
          <h2 className="mb-1 text-[0.96875rem] font-bold">{name}</h2>
          <table className="w-full table-fixed text-[0.90625rem]">
            <thead className="caption text-left">
              <tr>
                <th className="w-[34%] py-1 font-semibold">Number</th>
                <th className="px-2 text-right font-semibold">Wanted</th>
                <th className="px-2 text-right font-semibold">Bought</th>
                <th className="px-2 text-right font-semibold">Unit price</th>
                <th className="px-2 text-right font-semibold">Sum</th>
                <th className="text-right font-semibold">Days</th>
              </tr>
            </thead>
            <tbody>
              {basket.picks
                .filter((p) => p.supplierName === name)
                .map((p) => (
                  <tr key={p.designation} className="h-[33px] border-t border-line2">
                    <td className="number">{p.designation}</td>
                    <td className="number px-2 text-right text-ink2">{p.wanted}</td>
                    <td className="number px-2 text-right">
                      {p.pieces}
                      {p.pack > 1 && <span className="ml-1 text-[0.78125rem] text-ink3">({p.pack}s)</span>}
                    </td>
                    <td className="number px-2 text-right text-ink2">{p.price.toFixed(2)}</td>
                    <td className="number px-2 text-right font-medium">{p.cost.toFixed(2)}</td>
                    <td className="number text-right text-ink2">{p.days}</td>
                  </tr>
                ))}
            </tbody>
          </table>
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
