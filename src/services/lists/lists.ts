import 'server-only'
import { cellsOf, guessColumns, sortRow, type ColumnMap } from '@/core/lists'
import {
  allLists,
  createList,
  failUnfinishedLists,
  itemsOf,
  listById,
  removeList,
  type StoredList,
} from '@/db'
import { readTable, type Table } from '../csv/readTable'
import { writeCsv } from '../csv/writeCsv'
import { ServiceError } from '../errors'
import { ready, refreshShop } from '../language'
import {
  ImportQuery,
  LIST_KINDS,
  PreviewQuery,
  type ListDetail,
  type ListSummary,
  type PreviewResponse,
} from '../schemas/list'
import { parse } from '../schemas/parse'
import { runImport, running } from './importList'

/** Largest list file, and most rows in it. */
export const MOST_LIST_BYTES = 40 * 1024 * 1024
const MOST_ROWS = 1_000_000
const SAMPLE = 12
const ITEMS_SHOWN = 200
/** Imports at work at a time: they share two processors with the counter. */
const MOST_RUNNING = 2

function checkColumns(columns: ColumnMap, { header }: Table): ColumnMap {
  const missing = Object.values(columns).find((column) => !header.includes(column))
  if (missing !== undefined)
    throw new ServiceError('unreadable', `The file has no column “${missing}”. It has: ${header.join(', ')}.`)
  return columns
}

/**
 * What a file would give, before anything is stored: encoding, columns, the first rows as they are understood.
 * @throws ServiceError `unreadable` when it is no table or a column is missing, `tooLarge`
 */
export async function previewList(bytes: Uint8Array, query: unknown): Promise<PreviewResponse> {
  const asked = parse(PreviewQuery, query)
  const table = readTable(bytes, MOST_ROWS)
  const columns = asked.columns ? checkColumns(asked.columns, table) : guessColumns(table.header)
  const { language } = await ready()
  return {
    encoding: table.encoding,
    delimiter: table.delimiter,
    rows: table.rows.length,
    header: table.header,
    columns,
    sample: table.rows.slice(0, SAMPLE).map((cells, i) => {
      const given = cellsOf(cells, columns)
      const sorted = sortRow(given, asked.unit, language)
      const row = i + 2
      const text = given.designation ?? ''
      if (!sorted.ok) return { row, text, item: null, problem: sorted.problem }
      return { row, text, item: { row, ...sorted.item }, problem: '' }
    }),
  }
}

const kindOf = (kind: string): ListSummary['kind'] => LIST_KINDS.find((k) => k === kind) ?? 'own'

function summary(list: StoredList): ListSummary {
  const counts = running().get(list.id)?.counts
  const { id, name, state, createdAt, read, all, listed, own, duplicates, problems } = list
  return {
    id,
    name,
    kind: kindOf(list.kind),
    state,
    createdAt: createdAt.toISOString(),
    ...(counts ?? { read, all, listed, own, duplicates, problems }),
  }
}

/**
 * Begins to read a file into a list. The answer comes at once; the list tells how far it is.
 * @throws ServiceError `unreadable`, `tooLarge`, `unavailable` when two imports are at work
 */
export async function startImport(bytes: Uint8Array, query: unknown): Promise<ListSummary> {
  const { name, kind, columns, unit } = parse(ImportQuery, query)
  if (running().size >= MOST_RUNNING)
    throw new ServiceError('unavailable', 'Two lists are being read. Wait for one of them, or stop it.')
  const table = readTable(bytes, MOST_ROWS)
  checkColumns(columns, table)
  // Before this one is there: what the last process left unfinished must not be taken for it.
  await settleOnce()
  const list = await createList(name, kind, table.rows.length)
  void runImport({ listId: list.id, table, columns, unit })
  return summary(list)
}

export async function lists(): Promise<{ lists: ListSummary[] }> {
  await settleOnce()
  return { lists: (await allLists()).map(summary) }
}

async function stored(id: number): Promise<StoredList> {
  const list = await listById(id)
  if (!list) throw new ServiceError('notFound', `There is no list ${id}.`)
  return list
}

/** @throws ServiceError `notFound` */
export async function listDetail(id: number): Promise<ListDetail> {
  const list = await stored(id)
  return { ...summary(list), remarks: list.remarks, items: await itemsOf(id, ITEMS_SHOWN) }
}

/** Stops an import that is at work, or takes a list away. @throws ServiceError `notFound` */
export async function dropList(id: number): Promise<{ id: number; state: 'cancelled' | 'removed' }> {
  const list = await stored(id)
  const at = running().get(id)
  if (at) {
    at.control.abort()
    return { id, state: 'cancelled' }
  }
  await removeList(list.id)
  await refreshShop()
  return { id, state: 'removed' }
}

/** Rows that were not kept, with the reason, as CSV. @throws ServiceError `notFound` */
export async function remarksCsv(id: number): Promise<string> {
  const { remarks } = await stored(id)
  return writeCsv(
    ['row', 'number', 'remark'],
    remarks.map(({ row, text, words }) => ({ row, number: text, remark: words })),
  )
}

const store = globalThis as typeof globalThis & { amberSettled?: Promise<void> }

/** Imports that the last process left unfinished are told as failed, once a process. */
const settleOnce = (): Promise<void> => (store.amberSettled ??= failUnfinishedLists())
