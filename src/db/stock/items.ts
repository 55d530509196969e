import { literal, Op, UniqueConstraintError, type WhereOptions } from 'sequelize'
import { oneChange } from '../connection'
import { likeText } from '../likeText'
import { models, type StockItemRow } from '../models'

export interface StockItem {
  id: number
  partKey: string
  designation: string
  bin: string
  quantity: number
  reserved: number
  minimum: number
  price: number | null
  countedAt: Date | null
}

export const itemFromRow = (row: StockItemRow): StockItem => ({
  id: row.id,
  partKey: row.part_key,
  designation: row.designation,
  bin: row.bin,
  quantity: row.quantity,
  reserved: row.reserved,
  minimum: row.minimum,
  price: row.price === null ? null : Number(row.price),
  countedAt: row.counted_at,
})

/**
 * Brings the derived keys of stock up to date with how numbers are read now. An item whose new key is taken in its bin
 * keeps the old one: two records are never joined without somebody looking.
 * @returns how many were changed
 */
export async function rekeyStock(keyOf: (designation: string) => string): Promise<number> {
  const { StockItemRow: Items } = models()
  let changed = 0
  for (const item of await Items.findAll()) {
    const partKey = keyOf(item.designation)
    if (partKey === item.part_key || (await Items.findOne({ where: { part_key: partKey, bin: item.bin } })))
      continue
    await item.update({ part_key: partKey })
    changed++
  }
  return changed
}

/** Where a page of stock ends: what the next one begins after. */
export type StockCursor = Pick<StockItem, 'bin' | 'designation' | 'id'>

export interface StockQuery {
  limit: number
  after?: StockCursor
  /** part of a number or of a bin */
  text?: string
  /** only items with fewer free than their minimum */
  low?: boolean
}

/** Told by the database from quantity, reserved and minimum (migration 0018). */
const BELOW_MINIMUM = literal('is_short = 1')

/** Conditions of a query of stock, without where its page begins. */
const conditions = ({ text = '', low = false }: Pick<StockQuery, 'text' | 'low'>): WhereOptions[] => [
  ...(text === ''
    ? []
    : [
        { [Op.or]: [{ designation: { [Op.like]: likeText(text) } }, { bin: { [Op.like]: likeText(text) } }] },
      ]),
  ...(low ? [BELOW_MINIMUM] : []),
]

/** Items by bin and number, a page at a time. Found in the index of their order, so that only the rows of the page are read. */
export async function listStock({ limit, after, ...query }: StockQuery): Promise<StockItem[]> {
  const found = await models().StockItemRow.findAll({
    attributes: ['id'],
    where: {
      [Op.and]: [
        ...conditions(query),
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
    raw: true,
  })
  return stockItems(found.map(({ id }) => id))
}

/** How many items there are, and how many of them are short: each counted in an index of its own. */
export async function countStock(text = ''): Promise<{ all: number; low: number }> {
  const count = (low: boolean): Promise<number> =>
    models().StockItemRow.count({ where: { [Op.and]: conditions({ text, low }) } })
  const [all, low] = await Promise.all([count(false), count(true)])
  return { all, low }
}

export const stockItem = async (id: number): Promise<StockItem | null> => {
  const row = await models().StockItemRow.findByPk(id)
  return row && itemFromRow(row)
}

/** Items of these numbers, in their order. */
export async function stockItems(ids: readonly number[]): Promise<StockItem[]> {
  const rows = await models().StockItemRow.findAll({ where: { id: [...ids] }, raw: true })
  const found = new Map(rows.map((row) => [row.id, itemFromRow(row)]))
  return ids.flatMap((id) => found.get(id) ?? [])
}

/** The item of a part in a bin, made when it is not there. Two at once make one. */
export const createItem = ({
  partKey,
  designation,
  bin,
}: Pick<StockItem, 'partKey' | 'designation' | 'bin'>): Promise<StockItem> =>
  oneChange(async (transaction) => {
    const Items = models().StockItemRow
    const where = { part_key: partKey, bin }
    const there = await Items.findOne({ where })
    if (there) return itemFromRow(there)
    try {
      return itemFromRow(await Items.create({ ...where, designation, price: null, counted_at: null }))
    } catch (error) {
      // A locking read sees what another has stored since this change began.
      const other =
        error instanceof UniqueConstraintError
          ? await Items.findOne({ where, lock: transaction.LOCK.UPDATE })
          : null
      if (other) return itemFromRow(other)
      throw error
    }
  })

/** Where a part goes: the bin named, else the bin it lies in already, else none yet. */
export async function itemFor(partKey: string, designation: string, bin: string): Promise<StockItem> {
  const there =
    bin === '' ? await models().StockItemRow.findOne({ where: { part_key: partKey }, order: ['id'] }) : null
  return there ? itemFromRow(there) : createItem({ partKey, designation, bin })
}

export async function changeItem(
  id: number,
  change: Partial<Pick<StockItem, 'minimum' | 'price' | 'bin'>>,
): Promise<StockItem | null> {
  await models().StockItemRow.update(change, { where: { id } })
  return stockItem(id)
}
