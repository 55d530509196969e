import 'server-only'
import { meaningOfText } from '@/core/designation'
import { bestBasket, type Offer } from '@/core/supply'
import * as db from '@/db'
import { ServiceError } from './errors'
import type { z } from 'zod'
import { ready } from './language'
import { parse } from './schemas/parse'
import { BasketQuery, NewOrders, Receipt, OrderResponse, type BasketResponse } from './schemas/supply'
import { settings } from './settings'
import { deliveryOf, quotes, sendOrder, suppliers, type SupplierInfo } from './suppliers'

const ORDERS_SHOWN = 100
const inCoins = (money: number): number => Math.round(money * 100)
const inMoney = (coins: number): number => coins / 100

/** @throws ServiceError `unavailable` when the suppliers cannot be reached at all */
async function knownSuppliers(): Promise<SupplierInfo[]> {
  const asked = await suppliers()
  if (asked.ok) return asked.value
  throw new ServiceError(
    'unavailable',
    `The supplier line ${asked.words}. Your list is kept; try again in a moment.`,
  )
}

/**
 * The cheapest way to buy a list over all suppliers that answer; one that does not is named and left out.
 * @throws ServiceError `unreadable`, `unavailable`
 */
export async function basket(input: unknown): Promise<BasketResponse> {
  const { lines, dayWorth } = parse(BasketQuery, input)
  const [known, { currency }] = await Promise.all([knownSuppliers(), settings()])
  const designations = [...new Set(lines.map((l) => l.designation))]
  const asked = await Promise.all(known.map((s) => quotes(s.id, designations)))
  const offers = known.flatMap((supplier, i): Offer[] => {
    const answer = asked[i]
    if (!answer?.ok) return []
    return answer.value.flatMap((q) =>
      lines.flatMap((line, at) =>
        line.designation === q.designation
          ? [{ line: at, supplier: supplier.id, pricePerPiece: inCoins(q.price), pack: q.pack, days: q.days }]
          : [],
      ),
    )
  })
  const terms = known.map((s) => ({
    supplier: s.id,
    freight: inCoins(s.freight),
    freeFrom: s.freeFrom === null ? null : inCoins(s.freeFrom),
  }))
  const best = bestBasket(lines, offers, terms, inCoins(dayWorth))
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
      days: p.days,
    })),
    missing: best.missing.flatMap((i) => lines[i]?.designation ?? []),
    away: known.flatMap((s, i) => (asked[i]?.ok ? [] : [s.name])),
    goods: inMoney(best.goods),
    freight: inMoney(best.freight),
    total: inMoney(best.total),
    days: best.days,
    exact: best.exact,
    currency,
  }
}

const told = (order: db.Order): OrderResponse =>
  OrderResponse.parse({ ...order, createdAt: order.createdAt.toISOString() })

async function stored(id: number): Promise<db.Order> {
  const order = await db.orderById(id)
  if (!order) throw new ServiceError('notFound', `There is no order ${id}.`)
  return order
}

export async function orders(): Promise<{ orders: OrderResponse[]; currency: string }> {
  const [all, { currency }] = await Promise.all([db.allOrders(ORDERS_SHOWN), settings()])
  return { orders: all.map(told), currency }
}

export const order = async (id: number): Promise<OrderResponse> => told(await stored(id))

/** Sends an order that waits. It stays waiting, with the reason, while its supplier does not answer. */
async function send(waiting: db.Order): Promise<db.Order> {
  if (waiting.state !== 'waiting') return waiting
  const lines = waiting.lines.map((l) => ({ designation: l.designation, pieces: l.quantity }))
  const sent = await sendOrder(waiting.supplier, waiting.once, lines)
  await db.setOrder(
    waiting.id,
    sent.ok
      ? { state: 'sent', remote: sent.value.number, trouble: '' }
      : { trouble: `${waiting.supplierName} ${sent.words}. The order is kept; send it again.` },
  )
  return stored(waiting.id)
}

/** What was shown is what is ordered. @throws ServiceError `conflict` for another price, `impossible` for part of a pack */
function checkAgreed(
  supplier: string,
  { designation, pieces, price }: z.output<typeof NewOrders>['picks'][number],
  quote: { price: number; pack: number },
): void {
  if (price !== undefined && inCoins(price) !== inCoins(quote.price))
    throw new ServiceError(
      'conflict',
      `${supplier} now asks ${quote.price.toFixed(2)} for ${designation}, ${price.toFixed(2)} was shown. Nothing was ordered there. Ask for prices again.`,
    )
  if (pieces % quote.pack !== 0)
    throw new ServiceError(
      'impossible',
      `${supplier} sells ${designation} in packs of ${quote.pack}: ${pieces} is no whole number of packs.`,
    )
}

/**
 * Orders a basket: one order a supplier, written down before it is sent. The same key again gives the same orders.
 * @throws ServiceError `unreadable`, `impossible` when a supplier no longer carries a part or sells it in other packs,
 *   `conflict` when a price is not the one shown, `unavailable`
 */
export async function placeOrders(input: unknown): Promise<{ orders: OrderResponse[] }> {
  const { once, note, picks } = parse(NewOrders, input)
  const known = await knownSuppliers()
  const made: db.Order[] = []
  for (const supplier of new Set(picks.map((p) => p.supplier))) {
    const lines = picks.filter((p) => p.supplier === supplier)
    const info = known.find((s) => s.id === supplier)
    if (!info) throw new ServiceError('impossible', `There is no supplier “${supplier}”.`)
    const key = `${once}-${supplier}`.slice(0, 80)
    const there = await db.orderOnce(key)
    if (there) {
      made.push(there)
      continue
    }
    const asked = await quotes(supplier, [...new Set(lines.map((l) => l.designation))])
    if (!asked.ok)
      throw new ServiceError(
        'unavailable',
        `${info.name} ${asked.words}. Nothing was ordered there; try again.`,
      )
    const priced = lines.map((l) => {
      const quote = asked.value.find((q) => q.designation === l.designation)
      if (!quote)
        throw new ServiceError(
          'impossible',
          `${info.name} does not carry ${l.designation} any more. Ask for prices again.`,
        )
      checkAgreed(info.name, l, quote)
      return { designation: l.designation, quantity: l.pieces, price: quote.price, days: quote.days }
    })
    const goods = priced.reduce((sum, l) => sum + inCoins(l.price) * l.quantity, 0)
    const free = info.freeFrom !== null && goods >= inCoins(info.freeFrom)
    made.push(
      await db.createOrder({
        supplier,
        supplierName: info.name,
        once: key,
        goods: inMoney(goods),
        freight: free ? 0 : info.freight,
        days: Math.max(...priced.map((l) => l.days)),
        note,
        lines: priced.map(({ designation, quantity, price }) => ({ designation, quantity, price })),
      }),
    )
  }
  const sent: OrderResponse[] = []
  for (const waiting of made) sent.push(told(await send(waiting)))
  return { orders: sent }
}

/** Sends a waiting order again. @throws ServiceError `notFound`, `unavailable` with the reason while it does not go */
export async function sendAgain(id: number): Promise<OrderResponse> {
  const sent = await send(await stored(id))
  if (sent.state === 'waiting') throw new ServiceError('unavailable', sent.trouble)
  return told(sent)
}

/** Gives up an order that was never sent. @throws ServiceError `notFound`, `conflict` once it is sent */
export async function cancelOrder(id: number): Promise<OrderResponse> {
  const there = await stored(id)
  if (there.state !== 'waiting')
    throw new ServiceError('conflict', `Order ${id} is with ${there.supplierName} already. Call them.`)
  await db.setOrder(id, { state: 'cancelled', trouble: '' })
  return order(id)
}

/** What the supplier says the next delivery holds. @throws ServiceError `notFound`, `unavailable` */
export async function delivery(id: number): Promise<{ lines: { designation: string; pieces: number }[] }> {
  const there = await stored(id)
  if (there.remote === null) throw new ServiceError('notFound', `Order ${id} is not sent yet.`)
  const asked = await deliveryOf(there.supplier, there.remote)
  if (asked.ok) return asked.value
  throw new ServiceError('unavailable', `${there.supplierName} ${asked.words}. Count what came and type it.`)
}

/**
 * Takes a delivery into the bins, in part or whole; never more than was ordered.
 * @throws ServiceError `unreadable`, `notFound`, `impossible` for a line that holds no more
 */
export async function receive(id: number, input: unknown): Promise<OrderResponse> {
  const { lines, bin, who } = parse(Receipt, input)
  const there = await stored(id)
  if (there.state !== 'sent' && there.state !== 'partly')
    throw new ServiceError('impossible', `Order ${id} is ${there.state}: nothing is expected.`)
  const { language } = await ready()
  for (const { id: lineId, pieces } of lines) {
    const line = there.lines.find((l) => l.id === lineId)
    if (!line) throw new ServiceError('notFound', `Order ${id} has no line ${lineId}.`)
    const open = line.quantity - line.received
    if (pieces > open)
      throw new ServiceError(
        'impossible',
        `${line.designation}: ${open} are still to come, not ${pieces}. Count again.`,
      )
  }
  for (const { id: lineId, pieces } of lines) {
    const designation = there.lines.find((l) => l.id === lineId)?.designation ?? ''
    const item = await db.itemFor(meaningOfText(designation, language), designation, bin)
    await db.receiveLine(id, lineId, { pieces, itemId: item.id, who })
  }
  const now = await stored(id)
  await db.setOrder(id, { state: now.lines.every((l) => l.received >= l.quantity) ? 'received' : 'partly' })
  return order(id)
}
