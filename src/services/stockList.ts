import 'server-only'
import { partKeyOf, type DesignationContext } from '@/core/designation'
import { cellsOf, guessColumns } from '@/core/lists'
import { readAmount } from '@/core/quantity'
import type { CountedRow } from '@/db'
import { readTable } from './csv/readTable'
import { ServiceError } from './errors'
import { NewStockItem, type StockImported } from '@/contract/supply'

const MAX_ROWS = 20_000
const MAX_PROBLEMS_TOLD = 200

export interface StockList {
  /** rows of the file */
  read: number
  /** what they say, those left out that say nothing */
  rows: CountedRow[]
  problems: StockImported['problems']
}

/** Reads a stock list. @throws ServiceError `unreadable`, `tooLarge` */
export function readStockList(bytes: Uint8Array, context: DesignationContext): StockList {
  const table = readTable(bytes, MAX_ROWS)
  const columns = guessColumns(table.header)
  if (columns.designation === undefined)
    throw new ServiceError(
      'unreadable',
      `No column holds the number. The file has: ${table.header.join(', ')}.`,
    )
  const problems: StockImported['problems'] = []
  const rows: CountedRow[] = []
  for (const [i, cells] of table.rows.entries()) {
    const { designation = '', bin = '', quantity = '', price = '' } = cellsOf(cells, columns)
    const [pieces, priceAmount] = [readAmount(quantity), readAmount(price)]
    const problem =
      (designation === '' && 'No number in this row.') ||
      (designation.length > 80 && 'The number is longer than 80 characters.') ||
      (bin.length > 40 && 'The bin is longer than 40 characters.') ||
      (quantity !== '' &&
        !NewStockItem.shape.quantity.safeParse(pieces).success &&
        `“${quantity.slice(0, 40)}” is no whole number of pieces from 0.`) ||
      (price !== '' &&
        !NewStockItem.shape.price.safeParse(priceAmount ?? -1).success &&
        `“${price.slice(0, 40)}” is no price.`)
    if (problem) {
      if (problems.length < MAX_PROBLEMS_TOLD)
        problems.push({ row: i + 2, text: designation.slice(0, 80), message: problem })
      continue
    }
    rows.push({
      partKey: partKeyOf(designation, context),
      designation,
      bin,
      ...(priceAmount !== null && { price: priceAmount }),
      ...(pieces !== null && { pieces }),
    })
  }
  return { read: table.rows.length, rows, problems }
}
