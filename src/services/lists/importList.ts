import 'server-only'
import { cellsOf, sortRow, type ColumnMap } from '@/core/lists'
import type { LengthUnit } from '@/core/quantity'
import { addItems, removeItems, saveList, type ListCounts, type ListRemark, type StoredItem } from '@/db'
import { log } from '../log'
import { ready, refreshShop } from '../language'
import type { Table } from '../csv/readTable'

/** Rows worked between two looks at other requests: the application stays alive. */
const ROWS_A_TURN = 40
const ROWS_A_WRITE = 1000
/** Rows told one by one; a file with more problems has one cause. */
const MOST_REMARKS = 1000
const LONGEST_QUOTE = 80

export interface RunningImport {
  counts: ListCounts
  control: AbortController
}

const store = globalThis as typeof globalThis & { amberImports?: Map<number, RunningImport> }

/** Imports at work in this process, by list. */
export const running = (): Map<number, RunningImport> => (store.amberImports ??= new Map())

interface Import {
  listId: number
  table: Table
  columns: ColumnMap
  unit: LengthUnit
}

const breathe = (): Promise<void> => new Promise((resolve) => setImmediate(resolve))

async function work({ listId, table, columns, unit }: Import, { counts, control }: RunningImport) {
  const { language } = await ready()
  const first = new Map<string, { row: number; text: string }>()
  const remarks: ListRemark[] = []
  let pending: StoredItem[] = []
  const remark = (row: number, text: string, words: string): void => {
    if (remarks.length < MOST_REMARKS) remarks.push({ row, text: text.slice(0, LONGEST_QUOTE), words })
  }
  const write = async (): Promise<void> => {
    await addItems(listId, pending)
    pending = []
    await saveList(listId, counts, 'running', remarks.slice(0, 20))
  }
  for (const [i, cells] of table.rows.entries()) {
    if (i % ROWS_A_TURN === ROWS_A_TURN - 1) await breathe()
    if (control.signal.aborted) return { state: 'cancelled' as const, remarks }
    // Row 1 is the heading line.
    const row = i + 2
    const given = cellsOf(cells, columns)
    const sorted = sortRow(given, unit, language)
    counts.read++
    if (!sorted.ok) {
      counts.problems++
      remark(row, given.designation ?? '', sorted.problem)
      continue
    }
    const { meaning, item } = sorted
    const same = first.get(meaning)
    if (same) {
      counts.duplicates++
      remark(row, item.designation, `Means the same as ${same.text} in row ${same.row}; that row is kept.`)
      continue
    }
    first.set(meaning, { row, text: item.designation })
    if (item.base === null) counts.own++
    else counts.listed++
    pending.push({ row, ...item })
    if (pending.length >= ROWS_A_WRITE) await write()
  }
  await addItems(listId, pending)
  return { state: 'done' as const, remarks }
}

/**
 * Reads a table into a list, in the background: progress is told by `running()`, a cancelled or failed import leaves no
 * rows behind.
 */
export async function runImport(job: Import): Promise<void> {
  const counts: ListCounts = {
    read: 0,
    all: job.table.rows.length,
    listed: 0,
    own: 0,
    duplicates: 0,
    problems: 0,
  }
  const self: RunningImport = { counts, control: new AbortController() }
  running().set(job.listId, self)
  try {
    const { state, remarks } = await work(job, self)
    if (state === 'cancelled') {
      await removeItems(job.listId)
      Object.assign(counts, { listed: 0, own: 0 })
    }
    await saveList(job.listId, counts, state, remarks)
    if (state === 'done')
      await refreshShop().catch((error: unknown) =>
        log.error({ list: job.listId, err: error }, 'list kept, not yet searched'),
      )
  } catch (error) {
    log.error({ list: job.listId, err: error }, 'import failed')
    await removeItems(job.listId)
      .then(() => saveList(job.listId, { ...counts, listed: 0, own: 0 }, 'failed', []))
      .catch(() => undefined)
  } finally {
    running().delete(job.listId)
  }
}
