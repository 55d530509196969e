import 'server-only'
import type { Offer, Terms, WantedLine } from '@/core/supply'
import type { StoredList } from '@/db'
import { identifyRows } from '../batch'
import { getCatalogue, rereadShop, type ShopKnowledge } from '../catalogueRuntime'
import { beginImport, previewTable } from '../lists/readList'
import type { ImportQuery, PreviewQuery, PreviewResponse } from '@/contract/list'
import { solveBasket, type SolvedBasket } from '../solveBasket'
import { readStockList, type StockList } from '../stockList'
import { outcomeOf, type Outcome } from './outcome'

const imports = new Map<number, Promise<boolean>>()

/** What the background thread does, with its own copy of the catalogue and the shop's knowledge. */
export const work = {
  identifyBatch: (bytes: Uint8Array): Promise<Outcome<string>> =>
    outcomeOf(async () => identifyRows(bytes, (await getCatalogue()).identifier)),

  previewList: (bytes: Uint8Array, query: PreviewQuery): Promise<Outcome<PreviewResponse>> =>
    outcomeOf(async () => previewTable(bytes, query, (await getCatalogue()).context)),

  solveBasket: (
    lines: readonly WantedLine[],
    offers: readonly Offer[],
    terms: readonly Terms[],
    dayWorth: number,
  ): Promise<Outcome<SolvedBasket | null>> => outcomeOf(() => solveBasket(lines, offers, terms, dayWorth)),

  readStock: (bytes: Uint8Array): Promise<Outcome<StockList>> =>
    outcomeOf(async () => readStockList(bytes, (await getCatalogue()).context)),

  /** Answers when the list stands and its rows are checked; `importEnded` answers when they are read. */
  beginImport: (bytes: Uint8Array, query: ImportQuery): Promise<Outcome<StoredList>> =>
    outcomeOf(async () => {
      const { list, ended } = await beginImport(bytes, query, (await getCatalogue()).context)
      imports.set(list.id, ended)
      return list
    }),

  /** @returns whether the list was read to its end */
  importEnded: (id: number): Promise<Outcome<boolean>> =>
    outcomeOf(async () => {
      const done = (await imports.get(id)) ?? false
      imports.delete(id)
      return done
    }),

  /** Reads what the shop adds, for this thread and for the one that asks. */
  rereadShop: (): Promise<Outcome<ShopKnowledge>> => outcomeOf(rereadShop),
}
export type BackgroundWork = typeof work
