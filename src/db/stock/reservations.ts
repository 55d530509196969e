import type { Transaction } from 'sequelize'
import { oneChange } from '../connection'
import { models } from '../models'
import { itemFromRow, type StockItem } from './items'
import { moveWithin } from './moves'

/** A part a job wants: what it means, and how many. */
export interface WantedPart {
  partKey: string
  quantity: number
}

/** Pieces a job has reserved and not yet taken, by item. */
async function reservedFor(jobId: number, transaction?: Transaction): Promise<Map<number, number>> {
  const rows = await models().ReservationRow.findAll({
    where: { job_id: jobId },
    ...(transaction && { transaction }),
  })
  return new Map(rows.map(({ item_id: item, pieces }) => [item, pieces]))
}

/** What lies in the bins of some parts, and what of it one job holds. */
export async function stockOf(
  partKeys: readonly string[],
  jobId: number | null,
): Promise<(StockItem & { reservedForJob: number })[]> {
  if (partKeys.length === 0) return []
  const [rows, reservedByItem] = await Promise.all([
    models().StockItemRow.findAll({ where: { part_key: [...partKeys] }, order: ['bin', 'designation'] }),
    jobId === null ? new Map<number, number>() : reservedFor(jobId),
  ])
  return rows.map((row) => ({ ...itemFromRow(row), reservedForJob: reservedByItem.get(row.id) ?? 0 }))
}

/** Gives back all that a job holds. @returns pieces given back */
export async function releaseJob(jobId: number, who: string): Promise<number> {
  return oneChange(async (transaction) => {
    await models().JobRow.findByPk(jobId, { transaction, lock: transaction.LOCK.UPDATE })
    let granted = 0
    for (const [item, pieces] of [...(await reservedFor(jobId, transaction))].sort(([a], [b]) => a - b)) {
      const move = { kind: 'release' as const, pieces, note: `Job ${jobId}`, who, jobId }
      const result = await moveWithin(item, move, transaction)
      if (result.ok) granted += pieces
    }
    return granted
  })
}

/**
 * Reserves for a job what it wants and has not reserved yet, as far as it lies in the bins. The job is held meanwhile:
 * pressed twice at once, the second finds what the first has reserved.
 * @returns what was reserved now, and how many of each wanted part are still open
 */
export async function reserveForJob(
  jobId: number,
  wanted: readonly WantedPart[],
  who: string,
): Promise<{ reserved: { item: StockItem; pieces: number }[]; open: number[] }> {
  const { JobRow: Jobs, StockItemRow: Items } = models()
  return oneChange(async (transaction) => {
    await Jobs.findByPk(jobId, { transaction, lock: transaction.LOCK.UPDATE })
    const reservedByItem = await reservedFor(jobId, transaction)
    // Always in one order, so that two jobs never wait for each other.
    const items = await Items.findAll({
      where: { part_key: wanted.map(({ partKey }) => partKey) },
      order: ['id'],
      transaction,
      lock: transaction.LOCK.UPDATE,
    })
    const reserved: { item: StockItem; pieces: number }[] = []
    const open: number[] = []
    for (const { partKey, quantity } of wanted) {
      const bins = items.filter((item) => item.part_key === partKey)
      let left = quantity - bins.reduce((sum, item) => sum + (reservedByItem.get(item.id) ?? 0), 0)
      for (const { id, quantity: there, reserved: taken } of bins) {
        const pieces = Math.min(left, there - taken)
        if (pieces <= 0) continue
        const move = { kind: 'reserve' as const, pieces, note: `Job ${jobId}`, who, jobId }
        const result = await moveWithin(id, move, transaction)
        if (!result.ok) continue
        left -= pieces
        reserved.push({ item: result.item, pieces })
      }
      open.push(Math.max(0, left))
    }
    return { reserved, open }
  })
}
