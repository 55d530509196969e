import 'server-only'
import { numberKey } from '@/core/catalogue'
import { cellsOf, sortRow, type ColumnMap } from '@/core/lists'
import type { LengthUnit } from '@/core/quantity'
import {
  addItems,
  knowledgeChanged,
  oneChange,
  partNames,
  removeItems,
  saveList,
  type ListCounts,
  type ListRemark,
  type StoredItem,
} from '@/db'
import type { DesignationContext } from '@/core/designation'
import { log } from '../log'
import type { Table } from '../csv/readTable'

/** Rows worked between two looks at what else is asked of this thread. */
const ROWS_A_TURN = 40
const ROWS_A_WRITE = 1000
/** Rows told one by one; a file with more problems has one cause. */
const MAX_REMARKS = 1000
const LONGEST_QUOTE = 80

interface Import {
  listId: number
  table: Table
  columns: ColumnMap
  unit: LengthUnit
}

const yieldToEventLoop = (): Promise<void> => new Promise((resolve) => setImmediate(resolve))

/** @returns what remains to be told; null when the list was stopped meanwhile */
async function work(
  { listId, table, columns, unit }: Import,
  counts: ListCounts,
  context: DesignationContext,
): Promise<ListRemark[] | null> {
  const names = new Map((await partNames()).map(({ key, designation }) => [key, designation]))
  const first = new Map<string, { row: number; text: string }>()
  const remarks: ListRemark[] = []
  let pending: StoredItem[] = []
  const remark = (row: number, text: string, message: string): void => {
    if (remarks.length < MAX_REMARKS) remarks.push({ row, text: text.slice(0, LONGEST_QUOTE), message })
  }
  const write = async (): Promise<boolean> => {
    await addItems(listId, pending)
    pending = []
    return saveList(listId, counts, 'running', remarks.slice(0, 20))
  }
  for (const [i, cells] of table.rows.entries()) {
    if (i % ROWS_A_TURN === ROWS_A_TURN - 1) await yieldToEventLoop()
    // Row 1 is the heading line.
    const row = i + 2
    const given = cellsOf(cells, columns)
    const name = given.designation ?? ''
    const named = names.get(numberKey(name))
    const sorted = sortRow(named === undefined ? given : { ...given, designation: named }, unit, context)
    counts.read++
    if (counts.read % ROWS_A_WRITE === 0 && !(await write())) return null
    if (!sorted.ok) {
      counts.problems++
      remark(
        row,
        name,
        named === undefined ? sorted.problem : `Your own name for ${named}. ${sorted.problem}`,
      )
      continue
    }
    const { partKey } = sorted
    const item = { ...sorted.item, designation: name }
    const same = first.get(partKey)
    if (same) {
      counts.duplicates++
      remark(row, item.designation, `Means the same as ${same.text} in row ${same.row}; that row is kept.`)
      continue
    }
    first.set(partKey, { row, text: name })
    if (named !== undefined) remark(row, name, `Your own name for ${named}; kept as that part.`)
    if (item.base === null) counts.own++
    else counts.listed++
    pending.push({ row, ...item })
  }
  await addItems(listId, pending)
  return remarks
}

/** Its parts are in the search from now on. @returns false when it was stopped */
const finish = (listId: number, counts: ListCounts, remarks: readonly ListRemark[]): Promise<boolean> =>
  oneChange(async () => {
    const finished = await saveList(listId, counts, 'done', remarks)
    if (finished) await knowledgeChanged('parts')
    return finished
  })

/**
 * Reads a table into a list: the list tells how far it is, a stopped or failed import leaves no rows behind.
 * @returns whether it was read to its end
 */
export async function runImport(job: Import, context: DesignationContext): Promise<boolean> {
  const { listId, table } = job
  const counts: ListCounts = {
    read: 0,
    all: table.rows.length,
    listed: 0,
    own: 0,
    duplicates: 0,
    problems: 0,
  }
  try {
    const remarks = await work(job, counts, context)
    if (remarks && (await finish(listId, counts, remarks))) return true
    await removeItems(listId)
  } catch (error) {
    log.error({ list: listId, err: error }, 'import failed')
    await removeItems(listId)
      .then(() => saveList(listId, { ...counts, listed: 0, own: 0 }, 'failed', []))
      .catch(() => undefined)
  }
  return false
}
