/** One length of a chain: how it counts (+1 or −1), nominal and how far it may be off, mm. */
export interface StackItem {
  label: string
  sign: 1 | -1
  mm: number
  plusMm: number
  minusMm: number
}

export interface StackResult {
  nominalMm: number
  worst: { min: number; max: number }
  /** middle of the bands ± root of the sum of squares: all but three in a thousand, if the bands are kept evenly */
  statistical: { min: number; max: number }
}

/**
 * Stack-up of lengths to the gap that is left: worst case by arithmetic, statistical by root sum of squares
 * (common practice of tolerance chains).
 * @returns mm
 * @example stackUp([{ sign: 1, mm: 50, plusMm: 0.1, minusMm: 0.1, words: 'hub' }, { sign: -1, mm: 50, plusMm: 0.05, minusMm: 0.05, words: 'tube' }]) // worst −0.15 … 0.15, statistical ±0.112
 */
export function stackUp(items: readonly StackItem[]): StackResult {
  let [nominalMm, low, high, square] = [0, 0, 0, 0]
  for (const { sign, mm, plusMm, minusMm } of items) {
    nominalMm += sign * mm
    high += sign > 0 ? mm + plusMm : -(mm - minusMm)
    low += sign > 0 ? mm - minusMm : -(mm + plusMm)
    square += ((plusMm + minusMm) / 2) ** 2
  }
  const middle = (low + high) / 2
  const half = Math.sqrt(square)
  return {
    nominalMm,
    worst: { min: low, max: high },
    statistical: { min: middle - half, max: middle + half },
  }
}
