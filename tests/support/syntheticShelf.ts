import type { ShelfColumns } from '@/core/shelf'
import { LOOK_ALIKE, seeded } from './simulation'

const LETTERS = 'ABCDEFGHJKLMNPRSTUVWX'
const DIGITS = '0123456789'

/** Part lists of any length, always the same for one seed: numbers of two letters and six digits, sizes in tenths. */
export function syntheticColumns(count: number, seed: number): ShelfColumns {
  const random = seeded(seed)
  const pick = (from: string): string => from[Math.floor(random() * from.length)] ?? ''
  const tenths = (mm: number): number => Math.round(mm * 10) / 10
  const sizes = {
    bore: new Float64Array(count),
    outside: new Float64Array(count),
    width: new Float64Array(count),
  }
  const designations = Array.from({ length: count }, (_, i) => {
    const bore = tenths(3 * Math.exp(random() * 4.6))
    const outside = tenths(bore * (1.3 + random() * 1.7))
    sizes.bore[i] = bore
    sizes.outside[i] = outside
    sizes.width[i] = Math.max(1, tenths((outside - bore) * (0.25 + random() * 0.6)))
    return pick(LETTERS) + pick(LETTERS) + Array.from({ length: 6 }, () => pick(DIGITS)).join('')
  })
  return {
    designations,
    sizes,
    listOf: new Uint16Array(count),
    lists: [{ kind: 'supplier', text: 'synthetic list', verified: true }],
  }
}

/** One mark lost, one taken for a look-alike. */
export function wornNumber(number: string, random: () => number): string {
  const marks = [...number]
  const lost = Math.floor(random() * marks.length)
  marks[lost] = '?'
  const indexes = marks.flatMap((mark, i) => (LOOK_ALIKE[mark] ? [i] : []))
  const at = indexes[Math.floor(random() * indexes.length)]
  if (at !== undefined) marks[at] = LOOK_ALIKE[marks[at] ?? ''] ?? '?'
  return marks.join('')
}
