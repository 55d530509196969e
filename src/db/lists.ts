import { literal, Op, QueryTypes } from 'sequelize'
import type { ListItem } from '@/core/lists'
import { database, oneChange } from './connection'
import { toBin } from './bin'
import { models, type ListRow } from './models'

export const LIST_STATES = ['running', 'done', 'cancelled', 'failed'] as const
export type ListState = (typeof LIST_STATES)[number]

/** A row that was not kept, or that means the same as an earlier one. */
export interface ListRemark {
  row: number
  text: string
  message: string
}

export interface ListCounts {
  read: number
  all: number
  /** rows that name a part of the catalogue */
  listed: number
  /** rows kept as parts of the shop's own */
  own: number
  duplicates: number
  problems: number
}

export interface StoredList extends ListCounts {
  id: number
  name: string
  kind: string
  state: ListState
  remarks: ListRemark[]
  createdAt: Date
}

export interface StoredItem extends ListItem {
  row: number
}

function fromRow(row: ListRow): StoredList {
  const state = LIST_STATES.find((s) => s === row.state)
  if (!state) throw new Error(`lists: state ${row.state} is unknown`)
  return {
    id: row.id,
    name: row.name,
    kind: row.kind,
    state,
    read: row.rows_read,
    all: row.rows_all,
    listed: row.listed,
    own: row.own,
    duplicates: row.duplicates,
    problems: row.problems,
    remarks: JSON.parse(row.remarks) as ListRemark[],
    createdAt: row.created_at,
  }
}

export async function allLists(): Promise<StoredList[]> {
  return (await models().ListRow.findAll({ order: [['id', 'DESC']] })).map(fromRow)
}

export async function listById(id: number): Promise<StoredList | null> {
  const row = await models().ListRow.findByPk(id)
  return row && fromRow(row)
}

/** A list that is being read tells so at least this often, by the clock of the database; a silent one has lost its process. */
const MAX_SILENT_S = 60
/** `updated_at` as the database has it now, whatever the clock of this machine says. */
const tellsNow = { updated_at: literal('now()') as unknown as Date }

export async function createList(name: string, kind: string, all: number): Promise<StoredList> {
  const row = await models().ListRow.create({ name, kind, state: 'running', rows_all: all, remarks: '[]' })
  await row.update(tellsNow, { silent: true })
  return fromRow(row)
}

/** Writes how far a list is while it is being read, or its end. @returns false when it is not being read any more: stopped */
export async function saveList(
  id: number,
  { read, all, listed, own, duplicates, problems }: ListCounts,
  state: ListState,
  remarks: readonly ListRemark[],
): Promise<boolean> {
  const [saved] = await models().ListRow.update(
    {
      rows_read: read,
      rows_all: all,
      listed,
      own,
      duplicates,
      problems,
      state,
      remarks: JSON.stringify(remarks),
      ...tellsNow,
    },
    { where: { id, state: 'running' }, silent: true },
  )
  return saved > 0
}

/** Stops the reading of a list. @returns false when it is not being read */
export async function stopList(id: number): Promise<boolean> {
  const [stopped] = await models().ListRow.update(
    { state: 'cancelled', listed: 0, own: 0 },
    { where: { id, state: 'running' } },
  )
  return stopped > 0
}

/** Lists that are being read now. */
export const countRunningLists = (): Promise<number> =>
  models().ListRow.count({ where: { state: 'running' } })

export async function addItems(listId: number, items: readonly StoredItem[]): Promise<void> {
  await models().ListItemRow.bulkCreate(
    items.map(({ row, ...item }) => ({ ...item, row_no: row, list_id: listId })),
    { validate: false },
  )
}

/** Takes the items of a list away, in portions so that no other request waits long. */
export async function removeItems(listId: number): Promise<void> {
  while ((await models().ListItemRow.destroy({ where: { list_id: listId }, limit: 5000 })) > 0);
}

/** Into the bin. */
export const removeList = (id: number): Promise<boolean> => toBin('list', { id })

/** Lists whose process ended while it read them: what they left is taken away. Those that another process reads go on. */
export async function failUnfinishedLists(): Promise<void> {
  const { ListRow: Lists } = models()
  const where = {
    state: 'running',
    updated_at: { [Op.lt]: literal(`now() - INTERVAL ${MAX_SILENT_S} SECOND`) },
  }
  for (const { id } of await Lists.findAll({ where })) {
    await removeItems(id)
    await Lists.update({ state: 'failed', listed: 0, own: 0 }, { where: { id, state: 'running' } })
  }
}

export async function itemsOf(listId: number, limit: number): Promise<StoredItem[]> {
  const rows = await models().ListItemRow.findAll({ where: { list_id: listId }, order: ['row_no'], limit })
  return rows.map(({ row_no, designation, base, bore, outside, width, quantity, price, bin }) => ({
    row: row_no,
    designation,
    base,
    bore,
    outside,
    width,
    quantity,
    price,
    bin,
  }))
}

export interface OwnPart {
  listId: number
  designation: string
  /** mm; null = not known */
  bore: number | null
  outside: number | null
  width: number | null
}

/** Adds one part to the own list of this name, made when it is not there; one transaction. @returns false when the list holds this number already */
export async function keepOwnPart(name: string, part: Omit<OwnPart, 'listId'>): Promise<boolean> {
  const { ListRow: Lists, ListItemRow: Items } = models()
  return oneChange(async (transaction) => {
    const found = await Lists.findOne({
      where: { name, kind: 'own' },
      transaction,
      lock: transaction.LOCK.UPDATE,
    })
    const list =
      found ?? (await Lists.create({ name, kind: 'own', state: 'done', remarks: '[]' }, { transaction }))
    const existing = await Items.findOne({
      where: { list_id: list.id, designation: part.designation },
      transaction,
    })
    if (existing) return false
    const row = list.rows_all + 1
    await Items.create(
      { ...part, list_id: list.id, row_no: row, base: null, quantity: null, price: null, bin: '' },
      { transaction },
    )
    await list.update({ rows_all: row, rows_read: row, own: list.own + 1 }, { transaction })
    return true
  })
}

/** Every part of the shop's own in finished lists: those that no plan holds. */
export const ownParts = (): Promise<OwnPart[]> =>
  database().query<OwnPart>(
    `SELECT i.list_id AS listId, i.designation, i.bore, i.outside, i.width FROM list_items i
     JOIN lists l ON l.id = i.list_id WHERE l.deleted_at IS NULL AND l.state = 'done' AND i.base IS NULL ORDER BY i.id`,
    { type: QueryTypes.SELECT },
  )

/** How much `ownParts` and `knownHere` would read: own parts of finished lists and positions with something fitted. */
export async function countOwn(): Promise<number> {
  const [row] = await database().query<{ n: number }>(
    `SELECT (SELECT COALESCE(SUM(own), 0) FROM lists WHERE state = 'done' AND deleted_at IS NULL)
       + (SELECT COUNT(*) FROM positions WHERE fitted <> '') AS n`,
    { type: QueryTypes.SELECT },
  )
  return Number(row?.n ?? 0)
}

/** Bases in own lists, and what is fitted in the machine register as it was written. */
export async function knownHere(): Promise<{ bases: string[]; fitted: string[] }> {
  const [listed, fitted] = await Promise.all([
    database().query<{ base: string }>(
      `SELECT DISTINCT i.base FROM list_items i JOIN lists l ON l.id = i.list_id
       WHERE l.deleted_at IS NULL AND l.state = 'done' AND l.kind = 'own' AND i.base IS NOT NULL`,
      { type: QueryTypes.SELECT },
    ),
    database().query<{ fitted: string }>(`SELECT DISTINCT fitted FROM positions WHERE fitted <> ''`, {
      type: QueryTypes.SELECT,
    }),
  ])
  return { bases: listed.map((r) => r.base), fitted: fitted.map((r) => r.fitted) }
}
