import 'server-only'
import Papa from 'papaparse'

/** Cells that a spreadsheet would take for a formula; plain negative numbers are none. */
const FORMULA = /^(?:[=+@\t\r]|-(?![\d.]+$))/

const safe = (cell: string | number): string | number =>
  typeof cell === 'string' && FORMULA.test(cell) ? `'${cell}` : cell

/** CSV with a header; text that begins like a formula is marked as text. */
export const writeCsv = (
  columns: readonly string[],
  rows: readonly Record<string, string | number>[],
): string =>
  Papa.unparse(
    { fields: [...columns], data: rows.map((row) => columns.map((c) => safe(row[c] ?? ''))) },
    { newline: '\n' },
  ) + '\n'
