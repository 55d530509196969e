import { Op, UniqueConstraintError, type Transaction } from 'sequelize'
import { database } from './connection'
import { models, type StockItemRow, type StockMoveRow } from './models'

export const MOVE_KINDS = ['receive', 'issue', 'reserve', 'release', 'take', 'count'] as const
export type MoveKind = (typeof MOVE_KINDS)[number]

export interface StockItem {
  id: number
  meaning: string
  designation: string
  bin: string
  quantity: number
  reserved: number
  minimum: number
  price: number | null
  countedAt: Date | null
}

export interface StockMove {
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
  once?: string | null
}

/**
 * Brings the derived keys of stock up to date with how numbers are read now. An item whose new key is taken in its bin
 * keeps the old one: two records are never joined without somebody looking.
 * @returns how many were changed
 */
export async function rekeyStock(meaningOf: (designation: string) => string): Promise<number> {
  const { StockItemRow: Items } = models()
  let changed = 0
  for (const item of await Items.findAll()) {
    const meaning = meaningOf(item.designation)
    if (meaning === item.meaning || (await Items.findOne({ where: { meaning, bin: item.bin } }))) continue
    await item.update({ meaning })
    changed++
  }
  return changed
}

/** What a job had reserved and lost, because fewer were counted. */
export interface Shortened {
  jobId: number
  pieces: number
}

export type MoveResult =
  | { ok: true; item: StockItem; repeated: boolean; shortened?: Shortened[] }
  | { ok: false; why: 'noItem' }
  | { ok: false; why: 'noJob' }
  | { ok: false; why: 'tooFew'; item: StockItem }
  /** more than this job, or nobody in particular, has reserved */
  | { ok: false; why: 'notHeld'; item: StockItem; held: number }

const fromRow = (row: StockItemRow): StockItem => ({
  id: row.id,
  meaning: row.meaning,
  designation: row.designation,
  bin: row.bin,
  quantity: row.quantity,
  reserved: row.reserved,
  minimum: row.minimum,
  price: row.price === null ? null : Number(row.price),
  countedAt: row.counted_at,
})

const moveFromRow = (row: StockMoveRow): StockMove => ({
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

export const allStock = async (): Promise<StockItem[]> =>
  (await models().StockItemRow.findAll({ order: ['bin', 'designation'] })).map(fromRow)

export const stockItem = async (id: number): Promise<StockItem | null> => {
  const row = await models().StockItemRow.findByPk(id)
  return row && fromRow(row)
}

export const movesOf = async (itemId: number, limit: number): Promise<StockMove[]> =>
  (await models().StockMoveRow.findAll({ where: { item_id: itemId }, order: [['id', 'DESC']], limit })).map(
    moveFromRow,
  )

/** The item of a meaning in a bin, made when it is not there. Two at once make one. */
export async function placeItem(
  item: Pick<StockItem, 'meaning' | 'designation' | 'bin'>,
): Promise<StockItem> {
  const Items = models().StockItemRow
  const where = { meaning: item.meaning, bin: item.bin }
  const there = await Items.findOne({ where })
  if (there) return fromRow(there)
  try {
    return fromRow(await Items.create({ ...item, price: null, counted_at: null }))
  } catch (error) {
    const other = error instanceof UniqueConstraintError ? await Items.findOne({ where }) : null
    if (other) return fromRow(other)
    throw error
  }
}

/** Where a part goes: the bin named, else the bin it lies in already, else none yet. */
export async function itemFor(meaning: string, designation: string, bin: string): Promise<StockItem> {
  const there = bin === '' ? await models().StockItemRow.findOne({ where: { meaning }, order: ['id'] }) : null
  return there ? fromRow(there) : placeItem({ meaning, designation, bin })
}

export async function changeItem(
  id: number,
  change: Partial<Pick<StockItem, 'minimum' | 'price' | 'bin'>>,
): Promise<StockItem | null> {
  await models().StockItemRow.update(change, { where: { id } })
  return stockItem(id)
}

/** What a move does to an item; null = there is too little. */
function after({ quantity, reserved }: StockItemRow, { kind, pieces }: NewMove) {
  const free = quantity - reserved
  switch (kind) {
    case 'receive':
      return { quantity: quantity + pieces, reserved }
    case 'issue':
      return free >= pieces ? { quantity: quantity - pieces, reserved } : null
    case 'reserve':
      return free >= pieces ? { quantity, reserved: reserved + pieces } : null
    case 'release':
      return reserved >= pieces ? { quantity, reserved: reserved - pieces } : null
    case 'take':
      return reserved >= pieces && quantity >= pieces
        ? { quantity: quantity - pieces, reserved: reserved - pieces }
        : null
    case 'count':
      return { quantity: pieces, reserved: Math.min(reserved, pieces) }
  }
}

/** Pieces jobs have reserved of one item, the job that reserved last first. */
async function holdersOf(itemId: number, transaction: Transaction): Promise<Shortened[]> {
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

/** Fewer were counted than are reserved: the jobs that reserved last lose theirs first, each with its own entry. */
async function shorten(
  row: StockItemRow,
  excess: number,
  who: string,
  transaction: Transaction,
): Promise<Shortened[]> {
  const lost: Shortened[] = []
  let open = excess
  for (const holder of await holdersOf(row.id, transaction)) {
    const pieces = Math.min(open, holder.pieces)
    if (pieces <= 0) break
    open -= pieces
    lost.push({ jobId: holder.jobId, pieces })
    await row.update({ reserved: row.reserved - pieces }, { transaction })
    await hold(holder.jobId, row.id, -pieces, transaction)
    await models().StockMoveRow.create(
      {
        item_id: row.id,
        kind: 'release',
        change_quantity: 0,
        change_reserved: -pieces,
        quantity_after: row.quantity,
        reserved_after: row.reserved,
        note: 'Fewer counted than reserved',
        who,
        job_id: holder.jobId,
        once: null,
      },
      { transaction },
    )
  }
  return lost
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
  if (move.once && (await Moves.findOne({ where: { once: move.once }, transaction })))
    return { ok: true, item: fromRow(row), repeated: true }
  const jobId = move.jobId ?? null
  if (jobId !== null && !(await models().JobRow.findByPk(jobId, { transaction, attributes: ['id'] })))
    return { ok: false, why: 'noJob' }
  if (move.kind === 'take' || move.kind === 'release') {
    // Only the job that reserved takes or releases; what no job holds is anybody's.
    const holders = await holdersOf(itemId, transaction)
    const held =
      jobId === null
        ? row.reserved - holders.reduce((sum, h) => sum + h.pieces, 0)
        : (holders.find((h) => h.jobId === jobId)?.pieces ?? 0)
    if (move.pieces > held) return { ok: false, why: 'notHeld', item: fromRow(row), held }
  }
  const excess = move.kind === 'count' ? row.reserved - move.pieces : 0
  const shortened = excess > 0 ? await shorten(row, excess, move.who, transaction) : []
  const next = after(row, move)
  if (!next) return { ok: false, why: 'tooFew', item: fromRow(row) }
  const change = {
    change_quantity: next.quantity - row.quantity,
    change_reserved: next.reserved - row.reserved,
  }
  if (jobId !== null && change.change_reserved !== 0)
    await hold(jobId, itemId, change.change_reserved, transaction)
  await row.update({ ...next, ...(move.kind === 'count' && { counted_at: new Date() }) }, { transaction })
  await Moves.create(
    {
      item_id: itemId,
      kind: move.kind,
      ...change,
      quantity_after: next.quantity,
      reserved_after: next.reserved,
      note: move.note,
      who: move.who,
      job_id: jobId,
      once: move.once ?? null,
    },
    { transaction },
  )
  return { ok: true, item: fromRow(row), repeated: false, ...(shortened.length > 0 && { shortened }) }
}

/** Moves pieces of one item, all or nothing, and records it; a record is never overwritten. */
export async function moveStock(itemId: number, move: NewMove): Promise<MoveResult> {
  try {
    return await database().transaction((transaction) => moveWithin(itemId, move, transaction))
  } catch (error) {
    if (!(error instanceof UniqueConstraintError)) throw error
    const item = await stockItem(itemId)
    return item ? { ok: true, item, repeated: true } : { ok: false, why: 'noItem' }
  }
}

/** A part a job wants: what it means, and how many. */
export interface WantedPart {
  meaning: string
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
  meanings: readonly string[],
  jobId: number | null,
): Promise<(StockItem & { held: number })[]> {
  if (meanings.length === 0) return []
  const [rows, held] = await Promise.all([
    models().StockItemRow.findAll({ where: { meaning: [...meanings] }, order: ['bin', 'designation'] }),
    jobId === null ? new Map<number, number>() : reservedFor(jobId),
  ])
  return rows.map((row) => ({ ...fromRow(row), held: held.get(row.id) ?? 0 }))
}

/** Gives back all that a job holds. @returns pieces given back */
export async function releaseJob(jobId: number, who: string): Promise<number> {
  return database().transaction(async (transaction) => {
    await models().JobRow.findByPk(jobId, { transaction, lock: transaction.LOCK.UPDATE })
    let given = 0
    for (const [item, pieces] of [...(await reservedFor(jobId, transaction))].sort(([a], [b]) => a - b)) {
      const move = { kind: 'release' as const, pieces, note: `Job ${jobId}`, who, jobId }
      const result = await moveWithin(item, move, transaction)
      if (result.ok) given += pieces
    }
    return given
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
  return database().transaction(async (transaction) => {
    await Jobs.findByPk(jobId, { transaction, lock: transaction.LOCK.UPDATE })
    const held = await reservedFor(jobId, transaction)
    // Always in one order, so that two jobs never wait for each other.
    const items = await Items.findAll({
      where: { meaning: wanted.map(({ meaning }) => meaning) },
      order: ['id'],
      transaction,
      lock: transaction.LOCK.UPDATE,
    })
    const reserved: { item: StockItem; pieces: number }[] = []
    const open: number[] = []
    for (const { meaning, quantity } of wanted) {
      const bins = items.filter((item) => item.meaning === meaning)
      let left = quantity - bins.reduce((sum, item) => sum + (held.get(item.id) ?? 0), 0)
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
