/** What a list may tell of a part. */
export const LIST_FIELDS = ['designation', 'bore', 'outside', 'width', 'quantity', 'price', 'bin'] as const
export type ListField = (typeof LIST_FIELDS)[number]

/** Which column of a file holds which field; fields without a column are absent. */
export type ColumnMap = Partial<Record<ListField, string>>

/** Headings as people write them, by field; the first that fits wins (common practice). */
const HEADINGS: Record<ListField, RegExp> = {
  designation: /^(designation|part|number|item|article|bearing|type|code|ref|sku|stamp)/,
  bore: /^(bore|inner|inside|id$|i\.?d|d$|shaft)/,
  outside: /^(outside|outer|od$|o\.?d|d2$|housing)/,
  width: /^(width|height|thickness|b$|t$|w$)/,
  quantity: /^(quantity|qty|stock|on hand|count|pieces|pcs)/,
  price: /^(price|cost|net|each|unit price)/,
  bin: /^(bin|shelf|place|location|drawer|box)/,
}

const plain = (heading: string): string => heading.trim().toLowerCase().replace(/[_-]+/g, ' ')

/** Guesses which column holds what, from its heading. `D` beside `d` is the outside. */
export function guessColumns(header: readonly string[]): ColumnMap {
  const taken = new Set<string>()
  const map: ColumnMap = {}
  const take = (field: ListField, column: string | undefined): void => {
    if (column === undefined || map[field] !== undefined) return
    map[field] = column
    taken.add(column)
  }
  if (header.includes('D') && header.includes('d')) {
    take('outside', 'D')
    take('bore', 'd')
  }
  for (const field of LIST_FIELDS)
    take(
      field,
      header.find((column) => !taken.has(column) && HEADINGS[field].test(plain(column))),
    )
  return map
}
