/**
 * Numbers in sorted order, packed mark by mark. Numbers that begin alike stand side by side, so that a stretch of the
 * list is a node of a tree of marks without a tree being built: a million numbers take some twenty bytes each.
 */
export interface NumberIndex {
  /** all marks, one number after the other, as `markCode` */
  marks: Uint8Array
  /** place of the first mark of each number; one entry more than numbers */
  starts: Uint32Array
  /** for each number, which entry of the caller's list it names */
  entries: Uint32Array
  /** marks of the longest number */
  longest: number
}

/** Marks are kept as seven-bit codes; whatever is not in that range is one and the same strange mark. */
export const STRANGE_MARK = 127
export const MARK_CODES = 128
export const markCode = (char: string): number => {
  const code = char.charCodeAt(0)
  return code < STRANGE_MARK ? code : STRANGE_MARK
}

/**
 * @param keys numbers as `numberKey` gives them; empty ones are left out
 * @param entryOf entry that the n-th key names; the n-th itself when left out
 */
export function buildNumberIndex(keys: readonly string[], entryOf?: readonly number[]): NumberIndex {
  const order = new Uint32Array(keys.length)
  for (let i = 0; i < order.length; i++) order[i] = i
  const key = (i: number): string => keys[i] ?? ''
  order.sort((a, b) => (key(a) < key(b) ? -1 : key(a) > key(b) ? 1 : 0))
  const first = order.findIndex((i) => key(i) !== '')
  const entries = order.subarray(first === -1 ? order.length : first)
  let total = 0
  for (const i of entries) total += key(i).length
  const marks = new Uint8Array(total)
  const starts = new Uint32Array(entries.length + 1)
  let [at, longest] = [0, 0]
  entries.forEach((i, n) => {
    const text = key(i)
    starts[n] = at
    longest = Math.max(longest, text.length)
    for (let j = 0; j < text.length; j++) marks[at++] = markCode(text[j] ?? '')
  })
  starts[entries.length] = at
  return { marks, starts, entries: entries.map((i) => entryOf?.[i] ?? i), longest }
}

/** Order of the n-th number of the index and a key, as `<` on strings. */
function compareAt({ marks, starts }: NumberIndex, n: number, key: string): number {
  const from = starts[n] ?? 0
  const length = (starts[n + 1] ?? 0) - from
  for (let i = 0; i < Math.min(length, key.length); i++) {
    const difference = (marks[from + i] ?? 0) - markCode(key[i] ?? '')
    if (difference !== 0) return difference
  }
  return length - key.length
}

/** The entry of exactly this key; undefined when there is none. */
export function findNumber(index: NumberIndex, key: string): number | undefined {
  let [low, high] = [0, index.entries.length]
  while (low < high) {
    const middle = (low + high) >> 1
    if (compareAt(index, middle, key) < 0) low = middle + 1
    else high = middle
  }
  return low < index.entries.length && compareAt(index, low, key) === 0 ? index.entries[low] : undefined
}
