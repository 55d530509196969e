import 'server-only'
import { shopDay } from '@/core/dates'
import { partKeyOf } from '@/core/designation'
import { changesOf } from '@/core/history'
import { MAX_PIECES } from '@/core/stock'
import * as db from '@/db'
import { inBackground } from './background'
import { writeCsv } from './csv/writeCsv'
import { ServiceError } from './errors'
import { noteChanges } from './history'
import { getCatalogue } from './catalogueRuntime'
import { z } from 'zod'
import { pageOf } from './pageOf'
import { parse } from './parse'
import type { Move, NewStockItem, StockChange } from '@/contract/supply'
import {
  MovesQuery,
  type Moved,
  type StockDetail,
  type StockImported,
  StockItem,
  StockListQuery,
  type StockMoves,
  type StockResponse,
} from '@/contract/supply'
import { settings } from './settings'
import { readStockList } from './stockList'

/** Largest stock file, and most rows in it. */
export const MAX_STOCK_BYTES = 4 * 1024 * 1024
/** Items read at once for a file. */
const EXPORT_PAGE = 1000
/** Labels of one sheet. */
export const MAX_LABELS = 1000

const toResponse = (item: db.StockItem): StockItem =>
  StockItem.parse({
    ...item,
    free: item.quantity - item.reserved,
    countedAt: item.countedAt?.toISOString() ?? null,
  })

const noItem = (id: number) => new ServiceError('notFound', `There is no stock item ${id}.`)

const StockCursorText = z.tuple([z.string().max(40), z.string().max(80), z.number().int().positive()])

/** A cursor as text that stands in a link. */
const cursorOf = ({ bin, designation, id }: db.StockCursor): string =>
  Buffer.from(JSON.stringify([bin, designation, id])).toString('base64url')

/** @throws ServiceError `unreadable` for what is no cursor of ours */
function cursorFrom(cursor: string): db.StockCursor {
  try {
    const [bin, designation, id] = StockCursorText.parse(
      JSON.parse(Buffer.from(cursor, 'base64url').toString()),
    )
    return { bin, designation, id }
  } catch {
    throw new ServiceError('unreadable', 'Use the cursor of the page before.')
  }
}

/** What lies in the bins, by bin and number, a page at a time. @throws ServiceError `unreadable` */
export async function stock(input: unknown = {}): Promise<StockResponse> {
  const { limit, cursor, q, low } = parse(StockListQuery, input)
  const [rows, counted, { currency }] = await Promise.all([
    db.listStock({
      limit: limit + 1,
      text: q,
      low: low === 'true',
      ...(cursor !== undefined && { after: cursorFrom(cursor) }),
    }),
    db.countStock(q),
    settings(),
  ])
  const { items, next } = pageOf(rows, limit, cursorOf)
  return { items: items.map(toResponse), next, ...counted, currency }
}

/** Everything in the bins that is asked for, read in pages. */
async function* everyItem(query: Pick<db.StockQuery, 'text' | 'low'> = {}): AsyncGenerator<StockItem> {
  let after: db.StockCursor | undefined
  for (;;) {
    const rows = await db.listStock({ ...query, limit: EXPORT_PAGE, ...(after && { after }) })
    yield* rows.map(toResponse)
    after = rows.at(-1)
    if (rows.length < EXPORT_PAGE) return
  }
}

/**
 * Everything that is asked for, all pages of it.
 * @throws ServiceError `unreadable`, `tooLarge` beyond `most`: a part of it would look like the whole
 */
export async function itemsFor(input: unknown, max: number): Promise<StockItem[]> {
  const { q, low } = parse(StockListQuery.pick({ q: true, low: true }), input)
  const items: StockItem[] = []
  for await (const item of everyItem({ text: q, low: low === 'true' })) {
    if (items.length === max)
      throw new ServiceError('tooLarge', `More than ${max} items. Filter by number or bin first.`)
    items.push(item)
  }
  return items
}

/** Items of these numbers, in their order; those that are none are left out. */
export const itemsOf = async (ids: readonly number[]): Promise<StockItem[]> =>
  (await db.stockItems(ids)).map(toResponse)

/** Puts a part into a bin, all of it or nothing. */
export async function addItem({
  designation,
  bin,
  quantity,
  minimum,
  price,
  who,
}: z.output<typeof NewStockItem>): Promise<StockItem> {
  const { context } = await getCatalogue()
  return db.oneChange(async () => {
    const item = await db.createItem({ partKey: partKeyOf(designation, context), designation, bin })
    await db.changeItem(item.id, {
      ...(minimum !== null && { minimum }),
      ...(price !== null && { price }),
    })
    if (quantity > 0)
      await db.moveStock(item.id, { kind: 'receive', pieces: quantity, note: 'First put in', who })
    return toResponse((await db.stockItem(item.id)) ?? item)
  })
}

const moveOf = ({ at, ...move }: db.StockMove) => ({ ...move, at: at.toISOString() })

/** @throws ServiceError `notFound` */
export async function itemDetail(id: number): Promise<StockDetail> {
  const item = await db.stockItem(id)
  if (!item) throw noItem(id)
  const { items: moves, next: moreMoves } = await movesOf(id, {})
  return { ...toResponse(item), moves, moreMoves }
}

/** Moves of an item, the latest first, a page at a time. @throws ServiceError `unreadable` */
export async function movesOf(id: number, input: unknown): Promise<StockMoves> {
  const { limit, cursor } = parse(MovesQuery, input)
  const moves = await db.movesOf(id, limit + 1, cursor)
  const { items, next } = pageOf(moves, limit, (last) => String(last.id))
  return { items: items.map(moveOf), next }
}

const ITEM_LABELS = { minimum: 'Minimum', price: 'Price' } as const

/** Minimum and price. @throws ServiceError `notFound` */
export async function changeItem(
  id: number,
  { minimum, price }: z.output<typeof StockChange>,
  by: string,
): Promise<StockItem> {
  const item = await db.oneChange(async () => {
    const before = await db.stockItem(id)
    const after = await db.changeItem(id, {
      ...(minimum !== undefined && { minimum }),
      ...(price !== undefined && { price }),
    })
    if (before && after) await noteChanges(by, 'stock', id, changesOf(before, after, ITEM_LABELS))
    return after
  })
  if (!item) throw noItem(id)
  return toResponse(item)
}

/** Moves pieces. @throws ServiceError `conflict` when somebody was quicker: with what is there now */
export async function moveItem(
  id: number,
  { idempotencyKey, ...move }: z.output<typeof Move>,
): Promise<Moved> {
  const result = await db.moveStock(id, { ...move, idempotencyKey: idempotencyKey ?? null })
  if (result.ok)
    return { ...toResponse(result.item), ...(result.shortened && { shortened: result.shortened }) }
  if (result.why === 'noItem') throw noItem(id)
  if (result.why === 'usedKey')
    throw new ServiceError(
      'keyReused',
      'This key moved something else before. Load the page again and record the move anew.',
    )
  if (result.why === 'tooMany')
    throw new ServiceError(
      'impossible',
      `A bin holds at most ${MAX_PIECES} pieces of one part. Check the figure.`,
    )
  if (result.why === 'noJob') throw new ServiceError('notFound', `There is no job ${move.jobId ?? ''}.`)
  if (result.why === 'notHeld')
    throw new ServiceError(
      'tooFew',
      move.jobId
        ? `Job ${move.jobId} has reserved ${result.reservedForJob} of ${result.item.designation}. Take no more than that.`
        : `${result.item.reserved} of ${result.item.designation} are reserved, ${result.reservedForJob} of them for no job. Take or release the others from their job.`,
      [],
      toResponse(result.item),
    )
  const { designation, quantity, reserved } = result.item
  throw new ServiceError(
    'tooFew',
    move.kind === 'release' || move.kind === 'take'
      ? `Only ${reserved} of ${designation} are reserved.`
      : `Only ${quantity - reserved} of ${designation} are free now; somebody may have been quicker. Take fewer, or order.`,
    [],
    toResponse(result.item),
  )
}

/** The stock as CSV. */
export async function stockCsv(): Promise<string> {
  const { timeZone } = await settings()
  const items: StockItem[] = []
  for await (const item of everyItem()) items.push(item)
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
      counted: i.countedAt ? shopDay(i.countedAt, timeZone) : '',
    })),
  )
}

/** Larger lists are read in the background thread: reading 20 000 numbers takes seconds. */
const MUCH_BYTES = 20_000

/** Takes a stock list over, every row or none: a quantity is a count, a price is taken over. @throws ServiceError `unreadable`, `tooLarge` */
export async function importStock(bytes: Uint8Array): Promise<StockImported> {
  const list =
    bytes.byteLength > MUCH_BYTES
      ? await inBackground('readStock', bytes)
      : readStockList(bytes, (await getCatalogue()).context)
  await db.countRows(list.rows, 'Stock list read in')
  return { rows: list.read, counted: list.rows.length, problems: list.problems }
}
