import 'server-only'
import type { z } from 'zod'
import type { NewOrders, Receipt } from '@/contract/supply'
import { OrderListQuery, OrderResponse, type OrdersResponse } from '@/contract/supply'
import { partKeyOf } from '@/core/designation'
import * as db from '@/db'
import { inCoins, inMoney, knownSuppliers } from './baskets'
import { ServiceError } from './errors'
import { noteOfShop } from './history'
import { getCatalogue } from './catalogueRuntime'
import { pageOf } from './pageOf'
import { parse } from './parse'
import { settings } from './settings'
import { deliveryOf, quotes, sendOrder, type SupplierInfo } from './suppliers'

/** Largest order: what the database holds, and more than any counter buys at once. */
const MAX_GOODS_COINS = 999_999_999_999

const toResponse = (order: db.Order): OrderResponse =>
  OrderResponse.parse({ ...order, createdAt: order.createdAt.toISOString() })

async function stored(id: number): Promise<db.Order> {
  const order = await db.orderById(id)
  if (!order) throw new ServiceError('notFound', `There is no order ${id}.`)
  return order
}

/** Orders, the latest first, a page at a time. @throws ServiceError `unreadable` */
export async function orders(input: unknown = {}): Promise<OrdersResponse> {
  const { limit, cursor, q } = parse(OrderListQuery, input)
  const [rows, { currency }] = await Promise.all([
    db.listOrders({ limit: limit + 1, text: q, ...(cursor !== undefined && { before: cursor }) }),
    settings(),
  ])
  const { items, next } = pageOf(rows, limit, (last) => String(last.id))
  return { items: items.map(toResponse), next, currency }
}

export const order = async (id: number): Promise<OrderResponse> => toResponse(await stored(id))

/** Sends an order that waits. It stays waiting, with the reason, while its supplier does not answer. */
async function send(pending: db.Order): Promise<db.Order> {
  if (pending.state !== 'pending') return pending
  const lines = pending.lines.map((l) => ({ designation: l.designation, pieces: l.quantity }))
  const sent = await sendOrder(pending.supplier, pending.idempotencyKey, lines)
  await db.setOrder(
    pending.id,
    sent.ok
      ? { state: 'sent', supplierOrderNo: sent.value.number, lastError: '' }
      : { lastError: `${pending.supplierName} ${sent.message}. The order is kept; send it again.` },
  )
  return stored(pending.id)
}

type Pick = z.output<typeof NewOrders>['picks'][number]

/** What was shown is what is ordered. @throws ServiceError `priceChanged`, `impossible` for part of a pack */
function checkAgreed(
  supplier: string,
  { designation, pieces, price }: Pick,
  quote: { price: number; pack: number },
): void {
  if (price !== undefined && inCoins(price) !== inCoins(quote.price))
    throw new ServiceError(
      'priceChanged',
      `${supplier} now asks ${quote.price.toFixed(2)} for ${designation}, ${price.toFixed(2)} was shown. Nothing was ordered. Ask for prices again.`,
    )
  if (pieces % quote.pack !== 0)
    throw new ServiceError(
      'impossible',
      `${supplier} sells ${designation} in packs of ${quote.pack}: ${pieces} is no whole number of packs. Nothing was ordered.`,
    )
}

/** The order under a key, where it is the order that is asked for now. @throws ServiceError `keyReused` */
async function orderUnder(key: string, picks: readonly Pick[]): Promise<db.Order | null> {
  const there = await db.orderOnce(key)
  const same =
    there?.lines.length === picks.length &&
    picks.every((p) =>
      there.lines.some(
        (l) =>
          l.designation === p.designation &&
          l.quantity === p.pieces &&
          (p.price === undefined || inCoins(p.price) === inCoins(l.price)),
      ),
    )
  if (!there || same) return there
  throw new ServiceError(
    'keyReused',
    `Order ${there.id} was made under this key with other lines. Ask for prices again, then order.`,
  )
}

/** An order of one supplier as it will be written. @throws ServiceError as `placeOrders` */
async function agreedOrder(
  info: SupplierInfo,
  picks: readonly Pick[],
  idempotencyKey: string,
  note: string,
): Promise<db.NewOrder> {
  const result = await quotes(info.id, [...new Set(picks.map((p) => p.designation))])
  if (!result.ok)
    throw new ServiceError('unavailable', `${info.name} ${result.message}. Nothing was ordered; try again.`)
  const lines = picks.map((pick) => {
    const quote = result.value.find((q) => q.designation === pick.designation)
    if (!quote)
      throw new ServiceError(
        'impossible',
        `${info.name} does not carry ${pick.designation} any more. Nothing was ordered. Ask for prices again.`,
      )
    checkAgreed(info.name, pick, quote)
    return {
      designation: pick.designation,
      quantity: pick.pieces,
      price: quote.price,
      leadTimeDays: quote.days,
    }
  })
  const subtotal = lines.reduce((sum, line) => sum + inCoins(line.price) * line.quantity, 0)
  if (subtotal > MAX_GOODS_COINS)
    throw new ServiceError(
      'impossible',
      `An order is at most ${inMoney(MAX_GOODS_COINS)}. Check the pieces; nothing was ordered.`,
    )
  const free = info.freeFrom !== null && subtotal >= inCoins(info.freeFrom)
  return {
    supplier: info.id,
    supplierName: info.name,
    idempotencyKey,
    subtotal: inMoney(subtotal),
    freight: free ? 0 : info.freight,
    leadTimeDays: Math.max(...lines.map((line) => line.leadTimeDays)),
    note,
    lines: lines.map(({ designation, quantity, price }) => ({ designation, quantity, price })),
  }
}

/**
 * Orders a basket: one order a supplier, all written down before the first is sent, or none. The same key again gives the same
 * orders.
 * @throws ServiceError `impossible` when a supplier no longer carries a part or sells it in other packs,
 *   `priceChanged`, `keyReused` when the key made another basket, `unavailable`
 */
export async function placeOrders(
  input: z.output<typeof NewOrders>,
  by: string,
): Promise<{ orders: OrderResponse[] }> {
  const { idempotencyKey, note, picks } = input
  const known = await knownSuppliers()
  const planned: (db.Order | db.NewOrder)[] = []
  for (const supplier of new Set(picks.map((p) => p.supplier))) {
    const info = known.find((s) => s.id === supplier)
    if (!info)
      throw new ServiceError('impossible', `There is no supplier “${supplier}”. Nothing was ordered.`)
    const key = `${idempotencyKey}-${supplier}`.slice(0, 80)
    const lines = picks.filter((p) => p.supplier === supplier)
    planned.push((await orderUnder(key, lines)) ?? (await agreedOrder(info, lines, key, note)))
  }
  const written = await db.oneChange(async () => {
    const orders: db.Order[] = []
    for (const order of planned) {
      if ('id' in order) orders.push(order)
      else {
        const made = await db.createOrder(order)
        await noteOfShop(by, `Order ${made.id} placed with ${made.supplierName}`)
        orders.push(made)
      }
    }
    return orders
  })
  const sent: OrderResponse[] = []
  for (const pending of written) sent.push(toResponse(await send(pending)))
  return { orders: sent }
}

/** Sends a waiting order again. @throws ServiceError `notFound`, `unavailable` with the reason while it does not go */
export async function sendAgain(id: number): Promise<OrderResponse> {
  const sent = await send(await stored(id))
  if (sent.state === 'pending') throw new ServiceError('unavailable', sent.lastError)
  return toResponse(sent)
}

/** Gives up an order that was never sent. @throws ServiceError `notFound`, `settled` once it is sent */
export async function cancelOrder(id: number, by: string): Promise<OrderResponse> {
  const there = await stored(id)
  if (there.state !== 'pending')
    throw new ServiceError('settled', `Order ${id} is with ${there.supplierName} already. Call them.`)
  await db.oneChange(async () => {
    await db.setOrder(id, { state: 'cancelled', lastError: '' })
    await noteOfShop(by, `Order ${id} cancelled`)
  })
  return order(id)
}

/** What the supplier says the next delivery holds. @throws ServiceError `notFound`, `unavailable` */
export async function delivery(id: number): Promise<{ lines: { designation: string; pieces: number }[] }> {
  const there = await stored(id)
  if (there.supplierOrderNo === null) throw new ServiceError('notFound', `Order ${id} is not sent yet.`)
  const result = await deliveryOf(there.supplier, there.supplierOrderNo)
  if (result.ok) return result.value
  throw new ServiceError(
    'unavailable',
    `${there.supplierName} ${result.message}. Count what came and type it.`,
  )
}

/**
 * Takes a delivery into the bins, in part or whole, all of it or nothing; never more than was ordered.
 * @throws ServiceError `notFound`, `impossible` for a line that holds no more
 */
export async function receive(
  id: number,
  { lines, bin, who }: z.output<typeof Receipt>,
): Promise<OrderResponse> {
  const { context } = await getCatalogue()
  const pieces = new Map<number, number>()
  for (const line of lines) pieces.set(line.id, (pieces.get(line.id) ?? 0) + line.pieces)
  const itemOf = async (designation: string): Promise<number> =>
    (await db.itemFor(partKeyOf(designation, context), designation, bin)).id
  const result = await db.receiveOrder(id, pieces, itemOf, who)
  if (result.ok) return toResponse(result.order)
  switch (result.why) {
    case 'noOrder':
      throw new ServiceError('notFound', `There is no order ${id}.`)
    case 'noLine':
      throw new ServiceError('notFound', `Order ${id} has no line ${result.line}.`)
    case 'notExpected':
      throw new ServiceError('impossible', `Order ${id} is ${result.state}: nothing is expected.`)
    case 'tooMany':
      throw new ServiceError(
        'impossible',
        `${result.designation}: ${result.open} are still to come, not ${result.pieces}. Count again.`,
      )
  }
}
