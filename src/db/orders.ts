import { Op, UniqueConstraintError } from 'sequelize'
import { oneChange } from './connection'
import { likeText } from './likeText'
import { models, type OrderLineRow, type OrderRow } from './models'
import { moveWithin } from './stock/moves'

/** Lines looked at for orders that hold a part of this number. */
const MAX_BY_PART = 500

export const ORDER_STATES = ['pending', 'sent', 'partiallyReceived', 'received', 'cancelled'] as const
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
  idempotencyKey: string
  state: OrderState
  supplierOrderNo: string | null
  subtotal: number
  freight: number
  leadTimeDays: number
  lastError: string
  note: string
  createdAt: Date
  lines: OrderLine[]
}

export type NewOrder = Pick<
  Order,
  'supplier' | 'supplierName' | 'idempotencyKey' | 'subtotal' | 'freight' | 'leadTimeDays' | 'note'
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
    idempotencyKey: row.idempotency_key,
    state,
    supplierOrderNo: row.supplier_order_no,
    subtotal: Number(row.subtotal),
    freight: Number(row.freight),
    leadTimeDays: row.lead_time_days,
    lastError: row.last_error,
    note: row.note,
    createdAt: row.created_at,
    lines: lines.filter((l) => l.order_id === row.id).map(lineOf),
  }
}

export interface OrderQuery {
  limit: number
  /** number of the order the page before ended with */
  before?: number
  /** part of a supplier's name, of a note or of a number, or the order's own number */
  text?: string
}

/** Orders, the latest first, a page at a time. */
export async function listOrders({ limit, before, text = '' }: OrderQuery): Promise<Order[]> {
  const { OrderRow: Orders, OrderLineRow: Lines } = models()
  const named =
    text === ''
      ? []
      : await Lines.findAll({
          attributes: ['order_id'],
          where: { designation: { [Op.like]: likeText(text) } },
          order: [['id', 'DESC']],
          limit: MAX_BY_PART,
        })
  const rows = await Orders.findAll({
    where: {
      [Op.and]: [
        ...(before === undefined ? [] : [{ id: { [Op.lt]: before } }]),
        ...(text === ''
          ? []
          : [
              {
                [Op.or]: [
                  { supplier_name: { [Op.like]: likeText(text) } },
                  { note: { [Op.like]: likeText(text) } },
                  { id: named.map((line) => line.order_id) },
                  ...(/^\d{1,9}$/.test(text) ? [{ id: Number(text) }] : []),
                ],
              },
            ]),
      ],
    },
    order: [['id', 'DESC']],
    limit,
  })
  const lines = await Lines.findAll({ where: { order_id: rows.map((r) => r.id) }, order: ['id'] })
  return rows.map((row) => fromRow(row, lines))
}

export async function orderById(id: number): Promise<Order | null> {
  const { OrderRow: Orders, OrderLineRow: Lines } = models()
  const row = await Orders.findByPk(id)
  return row && fromRow(row, await Lines.findAll({ where: { order_id: id }, order: ['id'] }))
}

export async function orderOnce(idempotencyKey: string): Promise<Order | null> {
  const row = await models().OrderRow.findOne({ where: { idempotency_key: idempotencyKey } })
  return row && orderById(row.id)
}

/** Writes an order before it is sent: whatever happens then, it is not lost. The same key again is the same order. */
export const createOrder = ({ lines, ...order }: NewOrder): Promise<Order> =>
  oneChange(async (transaction) => {
    const { OrderRow: Orders, OrderLineRow: Lines } = models()
    try {
      const row = await Orders.create(
        {
          supplier: order.supplier,
          supplier_name: order.supplierName,
          idempotency_key: order.idempotencyKey,
          state: 'pending',
          supplier_order_no: null,
          subtotal: order.subtotal,
          freight: order.freight,
          lead_time_days: order.leadTimeDays,
          last_error: '',
          note: order.note,
        },
        { transaction },
      )
      await Lines.bulkCreate(
        lines.map((l) => ({ ...l, order_id: row.id })),
        { transaction },
      )
      return fromRow(row, await Lines.findAll({ where: { order_id: row.id }, order: ['id'], transaction }))
    } catch (error) {
      if (!(error instanceof UniqueConstraintError)) throw error
      // Two requests with one key at once: the second finds what the first has written. A locking read sees it.
      const lock = transaction.LOCK.UPDATE
      const row = await Orders.findOne({
        where: { idempotency_key: order.idempotencyKey },
        transaction,
        lock,
      })
      if (!row) throw error
      const there = await Lines.findAll({ where: { order_id: row.id }, order: ['id'], transaction, lock })
      return fromRow(row, there)
    }
  })

export async function setOrder(
  id: number,
  { state, supplierOrderNo, lastError }: { state?: OrderState; supplierOrderNo?: string; lastError?: string },
): Promise<void> {
  await models().OrderRow.update(
    {
      ...(state !== undefined && { state }),
      ...(supplierOrderNo !== undefined && { supplier_order_no: supplierOrderNo }),
      ...(lastError !== undefined && { last_error: lastError }),
    },
    { where: { id } },
  )
}

export type ReceiveResult =
  | { ok: true; order: Order }
  | { ok: false; why: 'noOrder' }
  | { ok: false; why: 'notExpected'; state: OrderState }
  | { ok: false; why: 'noLine'; line: number }
  | { ok: false; why: 'tooMany'; designation: string; open: number; pieces: number }

/**
 * Takes a delivery in: its lines, the bins and the state of the order change together, or nothing does. Never more than were
 * ordered. @param itemOf the item a line goes into; asked within the change
 */
export const receiveOrder = (
  orderId: number,
  pieces: ReadonlyMap<number, number>,
  itemOf: (designation: string) => Promise<number>,
  who: string,
): Promise<ReceiveResult> =>
  oneChange(async (transaction): Promise<ReceiveResult> => {
    const { OrderRow: Orders, OrderLineRow: Lines } = models()
    const row = await Orders.findByPk(orderId, { transaction, lock: transaction.LOCK.UPDATE })
    if (!row) return { ok: false, why: 'noOrder' }
    const lines = await Lines.findAll({
      where: { order_id: orderId },
      order: ['id'],
      transaction,
      lock: transaction.LOCK.UPDATE,
    })
    const { state } = fromRow(row, lines)
    if (state !== 'sent' && state !== 'partiallyReceived') return { ok: false, why: 'notExpected', state }
    for (const [id, came] of pieces) {
      const line = lines.find((l) => Number(l.id) === id)
      if (!line) return { ok: false, why: 'noLine', line: id }
      const open = line.quantity - line.received
      if (came > open) return { ok: false, why: 'tooMany', designation: line.designation, open, pieces: came }
    }
    for (const line of lines) {
      const came = pieces.get(Number(line.id)) ?? 0
      if (came === 0) continue
      await line.update({ received: line.received + came }, { transaction })
      const item = await itemOf(line.designation)
      const move = { kind: 'receive' as const, pieces: came, note: `Order ${orderId}`, who }
      const moved = await moveWithin(item, move, transaction)
      if (!moved.ok) throw new Error(`order ${orderId}: item ${item} is gone`)
    }
    await row.update(
      { state: lines.every((line) => line.received >= line.quantity) ? 'received' : 'partiallyReceived' },
      { transaction },
    )
    return { ok: true, order: fromRow(row, lines) }
  })
