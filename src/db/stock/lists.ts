import type { CreationAttributes, Transaction } from 'sequelize'
import { applyMove } from '@/core/stock'
import { oneChange } from '../connection'
import { models, type StockItemRow, type StockMoveRow } from '../models'
import { moveWithin } from './moves'

/** A row of a stock list: what was counted and what it costs, where it says so. */
export interface CountedRow {
  partKey: string
  designation: string
  bin: string
  pieces?: number
  price?: number
}

/** Rows of a stock list worked on at once. */
const ROWS_AT_ONCE = 500

const itemKey = (partKey: string, bin: string): string => `${partKey}\n${bin}`

/** The items of some rows, made where they are not there, all held until the change ends. */
async function itemsOfRows(
  rows: readonly CountedRow[],
  transaction: Transaction,
): Promise<Map<string, StockItemRow>> {
  const { StockItemRow: Items } = models()
  await Items.bulkCreate(
    rows.map(({ partKey, designation, bin }) => ({
      part_key: partKey,
      designation,
      bin,
      price: null,
      counted_at: null,
    })),
    { ignoreDuplicates: true, transaction },
  )
  const found = await Items.findAll({
    where: { part_key: rows.map(({ partKey }) => partKey) },
    order: ['id'],
    transaction,
    lock: transaction.LOCK.UPDATE,
  })
  return new Map(found.map((item) => [itemKey(item.part_key, item.bin), item]))
}

/** Takes over what a stock list says, every row or none: a quantity is a count, a price is the price. */
export const countRows = (rows: readonly CountedRow[], note: string): Promise<void> =>
  oneChange(async (transaction) => {
    const { StockItemRow: Items, StockMoveRow: Moves, ReservationRow: Reservations } = models()
    for (let at = 0; at < rows.length; at += ROWS_AT_ONCE) {
      const some = rows.slice(at, at + ROWS_AT_ONCE)
      const items = await itemsOfRows(some, transaction)
      const reserved = new Set(
        (
          await Reservations.findAll({
            attributes: ['item_id'],
            where: { item_id: [...items.values()].map(({ id }) => id) },
            transaction,
          })
        ).map((row) => row.item_id),
      )
      const moves: CreationAttributes<StockMoveRow>[] = []
      const changed = new Set<StockItemRow>()
      for (const row of some) {
        const item = items.get(itemKey(row.partKey, row.bin))
        if (!item) throw new Error(`stock list: ${row.designation} has no item after it was made`)
        if (row.price !== undefined) item.price = row.price
        if (row.pieces !== undefined && reserved.has(item.id)) {
          // Somebody has pieces of it: counted as by hand, so that each job is told what it lost.
          await item.save({ transaction })
          const move = { kind: 'count' as const, pieces: row.pieces, note, who: '' }
          await moveWithin(item.id, move, transaction)
          await item.reload({ transaction })
          continue
        }
        changed.add(item)
        if (row.pieces === undefined) continue
        const counted = applyMove(item, [], { kind: 'count', pieces: row.pieces, jobId: null })
        if (!counted.ok) continue
        const { quantity, reserved: left } = counted.value
        moves.push({
          item_id: item.id,
          kind: 'count',
          change_quantity: quantity - item.quantity,
          change_reserved: left - item.reserved,
          quantity_after: quantity,
          reserved_after: left,
          note,
          who: '',
          job_id: null,
          idempotency_key: null,
        })
        item.set({ quantity, reserved: left, counted_at: new Date() })
      }
      await Items.bulkCreate(
        [...changed].map((item) => item.get({ plain: true })),
        { updateOnDuplicate: ['quantity', 'reserved', 'price', 'counted_at', 'updated_at'], transaction },
      )
      await Moves.bulkCreate(moves, { transaction })
    }
  })
