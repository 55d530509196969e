import { UniqueConstraintError } from 'sequelize'
import { database } from './connection'
import { models, type OrderLineRow, type OrderRow } from './models'
import { moveWithin } from './stock'

export const ORDER_STATES = ['waiting', 'sent', 'partly', 'received', 'cancelled'] as const
export type OrderState = (typeof ORDER_STATES)[number]

export interface OrderLine {
  id: number
  designation: string
  quantity: number
  received: number
  price: number
}

export interface Order {
  id: number
  supplier: string
  supplierName: string
  once: string
  state: OrderState
  remote: string | null
  goods: number
  freight: number
  days: number
  trouble: string
  note: string
  createdAt: Date
  lines: OrderLine[]
}

export type NewOrder = Pick<
  Order,
  'supplier' | 'supplierName' | 'once' | 'goods' | 'freight' | 'days' | 'note'
> & {
  lines: Pick<OrderLine, 'designation' | 'quantity' | 'price'>[]
}

const lineOf = (row: OrderLineRow): OrderLine => ({
  id: Number(row.id),
  designation: row.designation,
  quantity: row.quantity,
  received: row.received,
  price: Number(row.price),
})

function fromRow(row: OrderRow, lines: readonly OrderLineRow[]): Order {
  const state = ORDER_STATES.find((s) => s === row.state)
  if (!state) throw new Error(`orders: state ${row.state} is unknown`)
  return {
    id: row.id,
    supplier: row.supplier,
    supplierName: row.supplier_name,
    once: row.once,
    state,
    remote: row.remote,
    goods: Number(row.goods),
    freight: Number(row.freight),
    days: row.days,
    trouble: row.trouble,
    note: row.note,
    createdAt: row.created_at,
    lines: lines.filter((l) => l.order_id === row.id).map(lineOf),
  }
}

export async function allOrders(limit: number): Promise<Order[]> {
  const { OrderRow: Orders, OrderLineRow: Lines } = models()
  const rows = await Orders.findAll({ order: [['id', 'DESC']], limit })
  const lines = await Lines.findAll({ where: { order_id: rows.map((r) => r.id) }, order: ['id'] })
  return rows.map((row) => fromRow(row, lines))
}

export async function orderById(id: number): Promise<Order | null> {
  const { OrderRow: Orders, OrderLineRow: Lines } = models()
  const row = await Orders.findByPk(id)
  return row && fromRow(row, await Lines.findAll({ where: { order_id: id }, order: ['id'] }))
}

export async function orderOnce(once: string): Promise<Order | null> {
  const row = await models().OrderRow.findOne({ where: { once } })
  return row && orderById(row.id)
}

/** Writes an order before it is sent: whatever happens then, it is not lost. The same key again is the same order. */
export async function createOrder({ lines, ...order }: NewOrder): Promise<Order> {
  const { OrderRow: Orders, OrderLineRow: Lines } = models()
  const write = database().transaction(async (transaction) => {
    const row = await Orders.create(
      {
        supplier: order.supplier,
        supplier_name: order.supplierName,
        once: order.once,
        state: 'waiting',
        remote: null,
        goods: order.goods,
        freight: order.freight,
        days: order.days,
        trouble: '',
        note: order.note,
      },
      { transaction },
    )
    await Lines.bulkCreate(
      lines.map((l) => ({ ...l, order_id: row.id })),
      { transaction },
    )
    return row.id
  })
  // Two requests with one key at once: the second finds what the first has written.
  const id = await write.catch((error: unknown) => {
    if (error instanceof UniqueConstraintError) return null
    throw error
  })
  const made = id === null ? await orderOnce(order.once) : await orderById(id)
  if (!made) throw new Error(`order ${order.once} is not there after it was written`)
  return made
}

export async function setOrder(
  id: number,
  change: { state?: OrderState; remote?: string; trouble?: string },
): Promise<void> {
  await models().OrderRow.update(change, { where: { id } })
}

/**
 * Takes pieces of a line in: the line and the stock item change together, or not at all. Never more than were ordered.
 * @returns how many were taken; null = no such line
 */
export async function receiveLine(
  orderId: number,
  lineId: number,
  { pieces, itemId, who }: { pieces: number; itemId: number; who: string },
): Promise<number | null> {
  return database().transaction(async (transaction) => {
    const row = await models().OrderLineRow.findOne({
      where: { id: lineId, order_id: orderId },
      transaction,
      lock: transaction.LOCK.UPDATE,
    })
    if (!row) return null
    const taken = Math.max(0, Math.min(pieces, row.quantity - row.received))
    if (taken === 0) return 0
    await row.update({ received: row.received + taken }, { transaction })
    const move = { kind: 'receive' as const, pieces: taken, note: `Order ${orderId}`, who }
    const moved = await moveWithin(itemId, move, transaction)
    if (!moved.ok) throw new Error(`order ${orderId}: item ${itemId} is gone`)
    return taken
  })
}
