import 'server-only'
import type { Offer, Terms, WantedLine } from '@/core/supply'
import type { StoredList } from '@/db'
import { identifyRows } from '../batch'
import { identifierWith, readShop, ready, type Ready, type ShopKnowledge } from '../language'
import { beginImport, previewTable } from '../lists/readList'
import type { ImportQuery, PreviewQuery, PreviewResponse } from '@/contract/list'
import { solveBasket, type SolvedBasket } from '../solveBasket'
import { readStockList, type StockList } from '../stockList'
import { outcomeOf, type Outcome } from './outcome'

/** This thread's own copy of the catalogue and the shop's knowledge, and the version of the shop it was read at. */
let held: { at: number; ready: Promise<Ready> } | undefined
const imports = new Map<number, Promise<boolean>>()

/** @param version of the shop's knowledge that is asked for at least */
async function upTo(version: number): Promise<Ready> {
  if (!held || held.at < version) {
    const known = held !== undefined
    const read = ready().then(async (first) =>
      known
        ? { ...first, identifier: identifierWith(first.language, await readShop(first.language)) }
        : first,
    )
    held = { at: version, ready: read }
  }
  try {
    return await held.ready
  } catch (error) {
    held = undefined
    throw error
  }
}

/** What the background thread does; each call begins with the version of the shop's knowledge it needs. */
export const work = {
  identifyBatch: (version: number, bytes: Uint8Array): Promise<Outcome<string>> =>
    outcomeOf(async () => identifyRows(bytes, (await upTo(version)).identifier)),

  previewList: (version: number, bytes: Uint8Array, query: PreviewQuery): Promise<Outcome<PreviewResponse>> =>
    outcomeOf(async () => previewTable(bytes, query, (await upTo(version)).language)),

  solveBasket: (
    _version: number,
    lines: readonly WantedLine[],
    offers: readonly Offer[],
    terms: readonly Terms[],
    dayWorth: number,
  ): Promise<Outcome<SolvedBasket | null>> => outcomeOf(() => solveBasket(lines, offers, terms, dayWorth)),

  readStock: (version: number, bytes: Uint8Array): Promise<Outcome<StockList>> =>
    outcomeOf(async () => readStockList(bytes, (await upTo(version)).language)),

  /** Answers when the list stands and its rows are checked; `importEnded` answers when they are read. */
  beginImport: (version: number, bytes: Uint8Array, query: ImportQuery): Promise<Outcome<StoredList>> =>
    outcomeOf(async () => {
      const { list, ended } = await beginImport(bytes, query, (await upTo(version)).language)
      imports.set(list.id, ended)
      return list
    }),

  /** @returns whether the list was read to its end */
  importEnded: (_version: number, id: number): Promise<Outcome<boolean>> =>
    outcomeOf(async () => {
      const done = (await imports.get(id)) ?? false
      imports.delete(id)
      return done
    }),

  /** Reads what the shop adds, for this thread and for the one that asks. */
  readShop: (version: number): Promise<Outcome<ShopKnowledge>> =>
    outcomeOf(async () => {
      const { language } = await ready()
      const shop = await readShop(language)
      held = { at: version, ready: Promise.resolve({ language, identifier: identifierWith(language, shop) }) }
      return shop
    }),
}
export type BackgroundWork = typeof work
