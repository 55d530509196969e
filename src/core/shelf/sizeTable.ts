/** One size of all parts of a shelf: each distinct size once, in order, and the parts that have it. */
export interface SizeTable {
  /** ascending, mm */
  distinct: Float64Array
  /** per part the place of its size in `distinct`; `distinct.length` when it is not known */
  codes: Uint32Array
  /** parts in the order of their sizes; those of size `c` from `starts[c]` up to `starts[c + 1]` */
  parts: Uint32Array
  starts: Uint32Array
}

/** A stretch of sizes: places in `distinct`, `to` not included. */
export interface SizeRange {
  from: number
  to: number
}

function distinctSizes(sizes: Float64Array): Float64Array {
  const sorted = Float64Array.from(sizes).sort()
  let count = 0
  for (const mm of sorted) {
    if (Number.isNaN(mm)) break
    if (count === 0 || mm !== sorted[count - 1]) sorted[count++] = mm
  }
  return sorted.slice(0, count)
}

/** First place whose size is not below `mm`. */
export function codeOf(distinct: Float64Array, mm: number): number {
  let [low, high] = [0, distinct.length]
  while (low < high) {
    const middle = (low + high) >> 1
    if ((distinct[middle] ?? 0) < mm) low = middle + 1
    else high = middle
  }
  return low
}

/** @param sizes one per part, mm; NaN = not known */
export function sizeTable(sizes: Float64Array): SizeTable {
  const distinct = distinctSizes(sizes)
  const codes = new Uint32Array(sizes.length)
  const starts = new Uint32Array(distinct.length + 2)
  for (let i = 0; i < sizes.length; i++) {
    const mm = sizes[i] ?? NaN
    const code = Number.isNaN(mm) ? distinct.length : codeOf(distinct, mm)
    codes[i] = code
    starts[code + 1] = (starts[code + 1] ?? 0) + 1
  }
  for (let c = 1; c < starts.length; c++) starts[c] = (starts[c] ?? 0) + (starts[c - 1] ?? 0)
  const at = starts.slice()
  const parts = new Uint32Array(sizes.length)
  for (let i = 0; i < sizes.length; i++) {
    const code = codes[i] ?? 0
    const index = at[code] ?? 0
    parts[index] = i
    at[code] = index + 1
  }
  return { distinct, codes, parts, starts }
}
