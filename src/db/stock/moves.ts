import { Op, UniqueConstraintError, type Transaction } from 'sequelize'
import { applyMove, asksHolders, MOVE_KINDS, type Holder, type MoveKind } from '@/core/stock'
import { oneChange } from '../connection'
import { actorOr } from '../actor'
import { models, type StockItemRow, type StockMoveRow } from '../models'
import { itemFromRow, type StockItem } from './items'

export interface StockMove {
  id: number
  kind: MoveKind
  changeQuantity: number
  changeReserved: number
  quantityAfter: number
  reservedAfter: number
  note: string
  who: string
  jobId: number | null
  at: Date
}

export interface NewMove {
  kind: MoveKind
  /** pieces, ≥ 0; for `count` what was counted */
  pieces: number
  note: string
  who: string
  jobId?: number | null
  /** a repeated request with the same key is one move */
  idempotencyKey?: string | null
}

export type MoveResult =
  | { ok: true; item: StockItem; repeated: boolean; shortened?: Holder[] }
  | { ok: false; why: 'noItem' }
  | { ok: false; why: 'noJob' }
  | { ok: false; why: 'tooFew'; item: StockItem }
  | { ok: false; why: 'tooMany'; item: StockItem }
  /** the key of this request moved something else before */
  | { ok: false; why: 'usedKey' }
  /** more than this job, or nobody in particular, has reserved */
  | { ok: false; why: 'notHeld'; item: StockItem; reservedForJob: number }

const moveFromRow = (row: StockMoveRow): StockMove => ({
  id: Number(row.id),
  kind: MOVE_KINDS.find((k) => k === row.kind) ?? 'count',
  changeQuantity: row.change_quantity,
  changeReserved: row.change_reserved,
  quantityAfter: row.quantity_after,
  reservedAfter: row.reserved_after,
  note: row.note,
  who: row.who,
  jobId: row.job_id,
  at: row.created_at,
})

/** Moves of an item, the latest first. @param before number of the move the page before ended with */
export const movesOf = async (itemId: number, limit: number, before?: number): Promise<StockMove[]> =>
  (
    await models().StockMoveRow.findAll({
      where: { item_id: itemId, ...(before !== undefined && { id: { [Op.lt]: before } }) },
      order: [['id', 'DESC']],
      limit,
    })
  ).map(moveFromRow)

/** Pieces jobs have reserved of one item, the job that reserved last first. */
async function holdersOf(itemId: number, transaction: Transaction): Promise<Holder[]> {
  const rows = await models().ReservationRow.findAll({
    where: { item_id: itemId, pieces: { [Op.gt]: 0 } },
    order: [
      ['updated_at', 'DESC'],
      ['id', 'DESC'],
    ],
    transaction,
    lock: transaction.LOCK.UPDATE,
  })
  return rows.map(({ job_id: jobId, pieces }) => ({ jobId, pieces }))
}

/** Changes what a job holds of an item. */
async function hold(jobId: number, itemId: number, pieces: number, transaction: Transaction): Promise<void> {
  const { ReservationRow: Reservations } = models()
  const where = { job_id: jobId, item_id: itemId }
  const there = await Reservations.findOne({ where, transaction, lock: transaction.LOCK.UPDATE })
  const next = (there?.pieces ?? 0) + pieces
  if (next <= 0) await there?.destroy({ transaction })
  else if (there) await there.update({ pieces: next }, { transaction })
  else await Reservations.create({ ...where, pieces: next }, { transaction })
}

/** How many pieces a move that is written down was asked for. */
const piecesOf = ({
  kind,
  change_quantity: quantity,
  change_reserved: reserved,
  quantity_after,
}: StockMoveRow) => (kind === 'count' ? quantity_after : Math.max(Math.abs(quantity), Math.abs(reserved)))

/** Takes from jobs what a count found no pieces for, each with its own entry. */
async function shorten(
  row: StockItemRow,
  lost: readonly Holder[],
  who: string,
  transaction: Transaction,
): Promise<void> {
  for (const { jobId, pieces } of lost) {
    await row.update({ reserved: row.reserved - pieces }, { transaction })
    await hold(jobId, row.id, -pieces, transaction)
    await models().StockMoveRow.create(
      {
        item_id: row.id,
        kind: 'release',
        change_quantity: 0,
        change_reserved: -pieces,
        quantity_after: row.quantity,
        reserved_after: row.reserved,
        note: 'Fewer counted than reserved',
        who: actorOr(who),
        job_id: jobId,
        idempotency_key: null,
      },
      { transaction },
    )
  }
}

/** A move as part of a larger transaction. */
export async function moveWithin(
  itemId: number,
  move: NewMove,
  transaction: Transaction,
): Promise<MoveResult> {
  const { StockItemRow: Items, StockMoveRow: Moves } = models()
  // The row is held until the end: of two people who take the last one, the second sees what the first left.
  const row = await Items.findByPk(itemId, { transaction, lock: transaction.LOCK.UPDATE })
  if (!row) return { ok: false, why: 'noItem' }
  const jobId = move.jobId ?? null
  const before = move.idempotencyKey
    ? await Moves.findOne({
        where: { idempotency_key: move.idempotencyKey },
        transaction,
        lock: transaction.LOCK.UPDATE,
      })
    : null
  if (before) {
    const same =
      before.item_id === itemId &&
      before.kind === move.kind &&
      before.job_id === jobId &&
      piecesOf(before) === move.pieces
    return same ? { ok: true, item: itemFromRow(row), repeated: true } : { ok: false, why: 'usedKey' }
  }
  if (jobId !== null && !(await models().JobRow.findByPk(jobId, { transaction, attributes: ['id'] })))
    return { ok: false, why: 'noJob' }
  const holders = asksHolders(move) ? await holdersOf(itemId, transaction) : []
  const moved = applyMove(row, holders, { ...move, jobId })
  if (!moved.ok) return { ok: false, item: itemFromRow(row), ...moved.problem }
  const { lost, quantity, reserved } = moved.value
  await shorten(row, lost, move.who, transaction)
  const change = { change_quantity: quantity - row.quantity, change_reserved: reserved - row.reserved }
  if (jobId !== null && change.change_reserved !== 0)
    await hold(jobId, itemId, change.change_reserved, transaction)
  await row.update(
    { quantity, reserved, ...(move.kind === 'count' && { counted_at: new Date() }) },
    { transaction },
  )
  await Moves.create(
    {
      item_id: itemId,
      kind: move.kind,
      ...change,
      quantity_after: quantity,
      reserved_after: reserved,
      note: move.note,
      who: actorOr(move.who),
      job_id: jobId,
      idempotency_key: move.idempotencyKey ?? null,
    },
    { transaction },
  )
  return { ok: true, item: itemFromRow(row), repeated: false, ...(lost.length > 0 && { shortened: lost }) }
}

/** Moves pieces of one item, all or nothing, and records it; a record is never overwritten. */
export async function moveStock(itemId: number, move: NewMove): Promise<MoveResult> {
  const change = () => oneChange((transaction) => moveWithin(itemId, move, transaction))
  try {
    return await change()
  } catch (error) {
    if (!move.idempotencyKey || !(error instanceof UniqueConstraintError)) throw error
    // The same key moved another item at the same moment: now it is there to be seen.
    return change()
  }
}
