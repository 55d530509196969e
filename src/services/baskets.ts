import 'server-only'
import type { z } from 'zod'
import { bestBasket, MAX_LOOKED_AT, type Offer } from '@/core/supply'
import type { BasketQuery } from '@/contract/supply'
import { type BasketResponse } from '@/contract/supply'
import { inBackground } from './background'
import { ServiceError } from './errors'
import { settings } from './settings'
import { quotes, suppliers, type SupplierInfo } from './suppliers'

export const inCoins = (money: number): number => Math.round(money * 100)
export const inMoney = (coins: number): number => coins / 100

/** @throws ServiceError `unavailable` when the suppliers cannot be reached at all */
export async function knownSuppliers(): Promise<SupplierInfo[]> {
  const result = await suppliers()
  if (result.ok) return result.value
  throw new ServiceError(
    'unavailable',
    `The supplier line ${result.message}. Your list is kept; try again in a moment.`,
  )
}

/**
 * The cheapest way to buy a list over all suppliers that answer; one that does not is named and left out.
 * @throws ServiceError `unavailable`
 */
export async function basket({ lines, dayWorth }: z.output<typeof BasketQuery>): Promise<BasketResponse> {
  const [known, { currency }] = await Promise.all([knownSuppliers(), settings()])
  const designations = [...new Set(lines.map((l) => l.designation))]
  const result = await Promise.all(known.map((s) => quotes(s.id, designations)))
  const offers = known.flatMap((supplier, i): Offer[] => {
    const answer = result[i]
    if (!answer?.ok) return []
    return answer.value.flatMap((q) =>
      lines.flatMap((line, at) =>
        line.designation === q.designation
          ? [
              {
                line: at,
                supplier: supplier.id,
                pricePerPiece: inCoins(q.price),
                pack: q.pack,
                leadTimeDays: q.days,
              },
            ]
          : [],
      ),
    )
  })
  const terms = known.map((s) => ({
    supplier: s.id,
    freight: inCoins(s.freight),
    freeFrom: s.freeFrom === null ? null : inCoins(s.freeFrom),
  }))
  const many = new Set(offers.map((o) => o.supplier)).size > MAX_LOOKED_AT
  const solved = many
    ? await inBackground('solveBasket', lines, offers, terms, inCoins(dayWorth))
    : { basket: bestBasket(lines, offers, terms, inCoins(dayWorth)), gapPercent: 0 }
  if (!solved)
    throw new ServiceError(
      'unavailable',
      'No basket was worked out in time. Ask for fewer lines at once; your list is kept.',
    )
  const { basket: best, gapPercent } = solved
  return {
    picks: best.picks.map((p) => ({
      designation: lines[p.line]?.designation ?? '',
      wanted: lines[p.line]?.quantity ?? 0,
      supplier: p.supplier,
      supplierName: known.find((s) => s.id === p.supplier)?.name ?? p.supplier,
      price: inMoney(p.pricePerPiece),
      pack: p.pack,
      pieces: p.pieces,
      cost: inMoney(p.cost),
      leadTimeDays: p.leadTimeDays,
    })),
    missing: best.missing.flatMap((i) => lines[i]?.designation ?? []),
    away: known.flatMap((s, i) => (result[i]?.ok ? [] : [s.name])),
    subtotal: inMoney(best.subtotal),
    freight: inMoney(best.freight),
    total: inMoney(best.total),
    leadTimeDays: best.leadTimeDays,
    exact: best.exact,
    gapPercent: Math.round(gapPercent * 10) / 10,
    currency,
  }
}
