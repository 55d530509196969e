import {
  literal,
  Op,
  UniqueConstraintError,
  type CreationAttributes,
  type Transaction,
  type WhereOptions,
} from 'sequelize'
import { applyMove, asksHolders, MOVE_KINDS, type Holder, type MoveKind } from '@/core/stock'
import { oneChange } from './connection'
import { likeText } from './likeText'
import { models, type StockItemRow, type StockMoveRow } from './models'

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

export type MoveResult =
  | { ok: true; item: StockItem; repeated: boolean; shortened?: Holder[] }
  | { ok: false; why: 'noItem' }
  | { ok: false; why: 'noJob' }
  | { ok: false; why: 'tooFew'; item: StockItem }
  | { ok: false; why: 'tooMany'; item: StockItem }
  /** the key of this request moved something else before */
  | { ok: false; why: 'usedKey' }
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

/** Where a page of stock ends: what the next one begins after. */
export type StockPlace = Pick<StockItem, 'bin' | 'designation' | 'id'>

export interface StockQuery {
  limit: number
  after?: StockPlace
  /** part of a number or of a bin */
  text?: string
  /** only items with fewer free than their minimum */
  low?: boolean
}

const BELOW_MINIMUM = literal('quantity - reserved < minimum')

/** Conditions of a query of stock, without where its page begins. */
const asked = ({ text = '', low = false }: Pick<StockQuery, 'text' | 'low'>): WhereOptions[] => [
  ...(text === ''
    ? []
    : [
        { [Op.or]: [{ designation: { [Op.like]: likeText(text) } }, { bin: { [Op.like]: likeText(text) } }] },
      ]),
  ...(low ? [BELOW_MINIMUM] : []),
]

/** Items by bin and number, a page at a time. */
export async function listStock({ limit, after, ...query }: StockQuery): Promise<StockItem[]> {
  const rows = await models().StockItemRow.findAll({
    where: {
      [Op.and]: [
        ...asked(query),
        ...(after
          ? [
              {
                [Op.or]: [
                  { bin: { [Op.gt]: after.bin } },
                  { bin: after.bin, designation: { [Op.gt]: after.designation } },
                  { bin: after.bin, designation: after.designation, id: { [Op.gt]: after.id } },
                ],
              },
            ]
          : []),
      ],
    },
    order: ['bin', 'designation', 'id'],
    limit,
  })
  return rows.map(fromRow)
}

/** How many items there are, and how many of them are short. */
export async function countStock(text = ''): Promise<{ all: number; low: number }> {
  const count = (low: boolean) => models().StockItemRow.count({ where: { [Op.and]: asked({ text, low }) } })
  const [all, low] = await Promise.all([count(false), count(true)])
  return { all, low }
}

export const stockItem = async (id: number): Promise<StockItem | null> => {
  const row = await models().StockItemRow.findByPk(id)
  return row && fromRow(row)
}

/** Items of these numbers, in their order. */
export async function stockItems(ids: readonly number[]): Promise<StockItem[]> {
  const rows = await models().StockItemRow.findAll({ where: { id: [...ids] } })
  const found = new Map(rows.map((row) => [row.id, fromRow(row)]))
  return ids.flatMap((id) => found.get(id) ?? [])
}

/** Moves of an item, the latest first. @param before number of the move the page before ended with */
export const movesOf = async (itemId: number, limit: number, before?: number): Promise<StockMove[]> =>
  (
    await models().StockMoveRow.findAll({
      where: { item_id: itemId, ...(before !== undefined && { id: { [Op.lt]: before } }) },
      order: [['id', 'DESC']],
      limit,
    })
  ).map(moveFromRow)

/** The item of a meaning in a bin, made when it is not there. Two at once make one. */
export const placeItem = (item: Pick<StockItem, 'meaning' | 'designation' | 'bin'>): Promise<StockItem> =>
  oneChange(async (transaction) => {
    const Items = models().StockItemRow
    const where = { meaning: item.meaning, bin: item.bin }
    const there = await Items.findOne({ where })
    if (there) return fromRow(there)
    try {
      return fromRow(await Items.create({ ...item, price: null, counted_at: null }))
    } catch (error) {
      // A locking read sees what another has stored since this change began.
      const other =
        error instanceof UniqueConstraintError
          ? await Items.findOne({ where, lock: transaction.LOCK.UPDATE })
          : null
      if (other) return fromRow(other)
      throw error
    }
  })

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
        who,
        job_id: jobId,
        once: null,
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
  const before = move.once
    ? await Moves.findOne({ where: { once: move.once }, transaction, lock: transaction.LOCK.UPDATE })
    : null
  if (before) {
    const same = before.item_id === itemId && before.kind === move.kind && before.job_id === jobId
    return same ? { ok: true, item: fromRow(row), repeated: true } : { ok: false, why: 'usedKey' }
  }
  if (jobId !== null && !(await models().JobRow.findByPk(jobId, { transaction, attributes: ['id'] })))
    return { ok: false, why: 'noJob' }
  const holders = asksHolders(move) ? await holdersOf(itemId, transaction) : []
  const moved = applyMove(row, holders, { ...move, jobId })
  if (!moved.ok) return { ok: false, item: fromRow(row), ...moved.problem }
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
      who: move.who,
      job_id: jobId,
      once: move.once ?? null,
    },
    { transaction },
  )
  return { ok: true, item: fromRow(row), repeated: false, ...(lost.length > 0 && { shortened: lost }) }
}

/** Moves pieces of one item, all or nothing, and records it; a record is never overwritten. */
export const moveStock = (itemId: number, move: NewMove): Promise<MoveResult> =>
  oneChange((transaction) => moveWithin(itemId, move, transaction))

/** A row of a stock list: what was counted and what it costs, where it says so. */
export interface CountedRow {
  meaning: string
  designation: string
  bin: string
  pieces?: number
  price?: number
}

/** Rows of a stock list worked on at once. */
const ROWS_AT_ONCE = 500

const placeKey = ({ meaning, bin }: Pick<CountedRow, 'meaning' | 'bin'>): string => `${meaning}\n${bin}`

/** The items of some rows, made where they are not there, all held until the change ends. */
async function itemsOfRows(
  rows: readonly CountedRow[],
  transaction: Transaction,
): Promise<Map<string, StockItemRow>> {
  const { StockItemRow: Items } = models()
  await Items.bulkCreate(
    rows.map(({ meaning, designation, bin }) => ({
      meaning,
      designation,
      bin,
      price: null,
      counted_at: null,
    })),
    { ignoreDuplicates: true, transaction },
  )
  const found = await Items.findAll({
    where: { meaning: rows.map(({ meaning }) => meaning) },
    order: ['id'],
    transaction,
    lock: transaction.LOCK.UPDATE,
  })
  return new Map(found.map((item) => [placeKey(item), item]))
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
        const item = items.get(placeKey(row))
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
          once: null,
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
  return oneChange(async (transaction) => {
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
  return oneChange(async (transaction) => {
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
