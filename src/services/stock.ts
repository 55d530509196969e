import 'server-only'
import { meaningOfText } from '@/core/designation'
import { cellsOf, guessColumns, readFigure } from '@/core/lists'
import * as db from '@/db'
import { readTable } from './csv/readTable'
import { writeCsv } from './csv/writeCsv'
import { ServiceError } from './errors'
import { ready } from './language'
import { parse } from './schemas/parse'
import {
  Move,
  type Moved,
  NewStockItem,
  StockChange,
  type StockDetail,
  type StockImported,
  StockItem,
  type StockResponse,
} from './schemas/supply'
import { settings } from './settings'

/** Largest stock file, and most rows in it. */
export const MOST_STOCK_BYTES = 4 * 1024 * 1024
const MOST_STOCK_ROWS = 20_000
const MOVES_SHOWN = 100
const PROBLEMS_TOLD = 200

const told = (item: db.StockItem): StockItem =>
  StockItem.parse({
    ...item,
    free: item.quantity - item.reserved,
    countedAt: item.countedAt?.toISOString() ?? null,
  })

const noItem = (id: number) => new ServiceError('notFound', `There is no stock item ${id}.`)

export async function stock(): Promise<StockResponse> {
  const [items, { currency }] = await Promise.all([db.allStock(), settings()])
  return { items: items.map(told), currency }
}

/** Puts a part into a bin. @throws ServiceError `unreadable` */
export async function addItem(input: unknown): Promise<StockItem> {
  const { designation, bin, quantity, minimum, price, who } = parse(NewStockItem, input)
  const { language } = await ready()
  const item = await db.placeItem({ meaning: meaningOfText(designation, language), designation, bin })
  await db.changeItem(item.id, { minimum, ...(price !== null && { price }) })
  if (quantity > 0)
    await db.moveStock(item.id, { kind: 'receive', pieces: quantity, note: 'First put in', who })
  return told((await db.stockItem(item.id)) ?? item)
}

/** @throws ServiceError `notFound` */
export async function itemDetail(id: number): Promise<StockDetail> {
  const item = await db.stockItem(id)
  if (!item) throw noItem(id)
  const moves = await db.movesOf(id, MOVES_SHOWN)
  return { ...told(item), moves: moves.map(({ at, ...move }) => ({ ...move, at: at.toISOString() })) }
}

/** Minimum and price. @throws ServiceError `unreadable`, `notFound` */
export async function changeItem(id: number, input: unknown): Promise<StockItem> {
  const { minimum, price } = parse(StockChange, input)
  const item = await db.changeItem(id, {
    ...(minimum !== undefined && { minimum }),
    ...(price !== undefined && { price }),
  })
  if (!item) throw noItem(id)
  return told(item)
}

/** Moves pieces. @throws ServiceError `conflict` when somebody was quicker: with what is there now */
export async function moveItem(id: number, input: unknown): Promise<Moved> {
  const { once, ...move } = parse(Move, input)
  const result = await db.moveStock(id, { ...move, once: once ?? null })
  if (result.ok) return { ...told(result.item), ...(result.shortened && { shortened: result.shortened }) }
  if (result.why === 'noItem') throw noItem(id)
  if (result.why === 'noJob') throw new ServiceError('notFound', `There is no job ${move.jobId ?? ''}.`)
  if (result.why === 'notHeld')
    throw new ServiceError(
      'conflict',
      move.jobId
        ? `Job ${move.jobId} has reserved ${result.held} of ${result.item.designation}. Take no more than that.`
        : `${result.item.reserved} of ${result.item.designation} are reserved, ${result.held} of them for no job. Take or release the others from their job.`,
      [],
      told(result.item),
    )
  const { designation, quantity, reserved } = result.item
  throw new ServiceError(
    'conflict',
    move.kind === 'release' || move.kind === 'take'
      ? `Only ${reserved} of ${designation} are reserved.`
      : `Only ${quantity - reserved} of ${designation} are free now; somebody may have been quicker. Take fewer, or order.`,
    [],
    told(result.item),
  )
}

/** The stock as CSV. */
export async function stockCsv(): Promise<string> {
  const { items } = await stock()
  const columns = ['designation', 'bin', 'quantity', 'reserved', 'minimum', 'price', 'counted'] as const
  return writeCsv(
    columns,
    items.map((i) => ({
      designation: i.designation,
      bin: i.bin,
      quantity: i.quantity,
      reserved: i.reserved,
      minimum: i.minimum,
      price: i.price ?? '',
      counted: i.countedAt?.slice(0, 10) ?? '',
    })),
  )
}

/** Reads a stock list: every row with a quantity is a count, a price is taken over. @throws ServiceError `unreadable`, `tooLarge` */
export async function importStock(bytes: Uint8Array): Promise<StockImported> {
  const table = readTable(bytes, MOST_STOCK_ROWS)
  const columns = guessColumns(table.header)
  if (columns.designation === undefined)
    throw new ServiceError(
      'unreadable',
      `No column holds the number. The file has: ${table.header.join(', ')}.`,
    )
  const { language } = await ready()
  const problems: StockImported['problems'] = []
  let counted = 0
  for (const [i, cells] of table.rows.entries()) {
    const { designation = '', bin = '', quantity = '', price = '' } = cellsOf(cells, columns)
    const [pieces, asked] = [readFigure(quantity), readFigure(price)]
    const problem =
      (designation === '' && 'No number in this row.') ||
      (designation.length > 80 && 'The number is longer than 80 characters.') ||
      (quantity !== '' &&
        !NewStockItem.shape.quantity.safeParse(pieces).success &&
        `“${quantity.slice(0, 40)}” is no whole number of pieces from 0.`) ||
      (price !== '' &&
        !NewStockItem.shape.price.safeParse(asked ?? -1).success &&
        `“${price.slice(0, 40)}” is no price.`)
    if (problem) {
      if (problems.length < PROBLEMS_TOLD)
        problems.push({ row: i + 2, text: designation.slice(0, 80), words: problem })
      continue
    }
    const meaning = meaningOfText(designation, language)
    const item = await db.placeItem({ meaning, designation, bin: bin.slice(0, 40) })
    if (asked !== null) await db.changeItem(item.id, { price: asked })
    if (pieces !== null)
      await db.moveStock(item.id, { kind: 'count', pieces, note: 'Stock list read in', who: '' })
    counted++
  }
  return { rows: table.rows.length, counted, problems }
}
