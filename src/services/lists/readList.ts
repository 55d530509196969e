import 'server-only'
import { cellsOf, guessColumns, sortRow, type ColumnMap } from '@/core/lists'
import type { DesignationContext } from '@/core/designation'
import { createList, type StoredList } from '@/db'
import { readTable, type Table } from '../csv/readTable'
import { ServiceError } from '../errors'
import type { ImportQuery, PreviewQuery, PreviewResponse } from '@/contract/list'
import { runImport } from './importList'

/** Most rows in one file. */
const MAX_ROWS = 1_000_000
const SAMPLE = 12

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
export function previewTable(
  bytes: Uint8Array,
  query: PreviewQuery,
  context: DesignationContext,
): PreviewResponse {
  const table = readTable(bytes, MAX_ROWS)
  const columns = query.columns ? checkColumns(query.columns, table) : guessColumns(table.header)
  return {
    encoding: table.encoding,
    delimiter: table.delimiter,
    rows: table.rows.length,
    header: table.header,
    columns,
    sample: table.rows.slice(0, SAMPLE).map((cells, i) => {
      const given = cellsOf(cells, columns)
      const sorted = sortRow(given, query.unit, context)
      const row = i + 2
      const text = given.designation ?? ''
      if (!sorted.ok) return { row, text, item: null, problem: sorted.problem }
      return { row, text, item: { row, ...sorted.item }, problem: '' }
    }),
  }
}

/**
 * Begins to read a file into a list: the list stands when this answers, its rows are there when `ended` does.
 * @throws ServiceError `unreadable`, `tooLarge`
 */
export async function beginImport(
  bytes: Uint8Array,
  { name, kind, columns, unit }: ImportQuery,
  context: DesignationContext,
): Promise<{ list: StoredList; ended: Promise<boolean> }> {
  const table = readTable(bytes, MAX_ROWS)
  checkColumns(columns, table)
  const list = await createList(name, kind, table.rows.length)
  return { list, ended: runImport({ listId: list.id, table, columns, unit }, context) }
}
