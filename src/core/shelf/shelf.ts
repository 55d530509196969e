import {
  buildNumberIndex,
  findNumber,
  numberKey,
  type NumberIndex,
  type Part,
  type Provenance,
} from '../catalogue'
import { packTexts, textAt, type PackedTexts } from './packedTexts'
import { sizeTable, type SizeTable } from './sizeTable'

const SHELF_SIZES = ['bore', 'outside', 'width'] as const
export type ShelfSize = (typeof SHELF_SIZES)[number]

/** Parts from the shop's own lists, column by column: number and sizes in mm, NaN where the list gives none. */
export interface ShelfColumns {
  designations: readonly string[]
  sizes: Record<ShelfSize, Float64Array>
  /** which list each part is from, as a place in `lists` */
  listOf: Uint16Array
  lists: readonly Provenance[]
}

/** Own and imported parts made ready for search, as plain arrays that another thread can be handed. */
export interface PackedShelf {
  count: number
  sizes: Record<ShelfSize, SizeTable>
  /** codes of one size in the order of another: `beside.bore.outside` runs along `sizes.bore.parts` */
  beside: Record<ShelfSize, Record<ShelfSize, Uint32Array>>
  numbers: NumberIndex
  texts: PackedTexts
  listOf: Uint16Array
  lists: readonly Provenance[]
}

/** Own and imported parts that no standard plan holds, ready for search. A million of them take some 100 MB. */
export interface Shelf extends Pick<PackedShelf, 'count' | 'sizes' | 'beside' | 'numbers'> {
  /** the n-th part; the same object as long as it is kept */
  part: (n: number) => Part
}

/** Parts made into objects that are kept; more are made anew. */
const KEPT_PARTS = 20_000

const bySize = <T>(make: (size: ShelfSize) => T): Record<ShelfSize, T> => ({
  bore: make('bore'),
  outside: make('outside'),
  width: make('width'),
})

export function packShelf({ designations, sizes, listOf, lists }: ShelfColumns): PackedShelf {
  const tables = bySize((size) => sizeTable(sizes[size]))
  return {
    count: designations.length,
    sizes: tables,
    beside: bySize((along) => bySize((size) => tables[along].parts.map((n) => tables[size].codes[n] ?? 0))),
    numbers: buildNumberIndex(designations.map(numberKey)),
    texts: packTexts(designations),
    listOf,
    lists,
  }
}

export function openShelf({ count, sizes, beside, numbers, texts, listOf, lists }: PackedShelf): Shelf {
  const byPart = new Map<number, Part>()
  const make = (n: number): Part => {
    const dimensions: Part['dimensions'] = {}
    for (const size of SHELF_SIZES) {
      const { distinct, codes } = sizes[size]
      const mm = distinct[codes[n] ?? distinct.length]
      if (mm !== undefined) dimensions[size] = mm
    }
    return {
      base: textAt(texts, n),
      family: 'own',
      piece: 'complete',
      series: '',
      dimensions,
      commonness: 3,
      provenance: lists[listOf[n] ?? 0] ?? { kind: 'own', text: 'own list', verified: true },
    }
  }
  return {
    count,
    sizes,
    beside,
    numbers,
    part: (n) => {
      const known = byPart.get(n)
      if (known) return known
      if (byPart.size >= KEPT_PARTS) byPart.clear()
      const made = make(n)
      byPart.set(n, made)
      return made
    },
  }
}

export const buildShelf = (columns: ShelfColumns): Shelf => openShelf(packShelf(columns))

/** The own part of exactly this number. */
export function findOnShelf(shelf: Shelf, designation: string): Part | undefined {
  const n = findNumber(shelf.numbers, numberKey(designation))
  return n === undefined ? undefined : shelf.part(n)
}
