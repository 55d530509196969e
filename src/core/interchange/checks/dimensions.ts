import type { DimensionName } from '../../catalogue'
import { writeBoth, writeMm } from '../../quantity'
import type { CheckRule } from '../check'
import { isSameSize } from '../sameSize'
import { widthOf, type Variant } from '../variant'

const NAMES: readonly [DimensionName, string][] = [
  ['bore', 'bore'],
  ['outside', 'outside'],
  ['coneWidth', 'cone width'],
  ['cupWidth', 'cup width'],
  ['totalWidth', 'total width'],
]

function difference(name: string, a: number, b: number): string | null {
  if (isSameSize(a, b)) return null
  return `${name} ${writeBoth(a)} against ${writeBoth(b)}: ${writeMm(Math.abs(b - a))} mm ${b > a ? 'larger' : 'smaller'}`
}

const closedOnly = (from: Variant, to: Variant): boolean =>
  from.part.base === to.part.base && from.closure.sides > 0 !== to.closure.sides > 0

/** Bore, outside and widths in both units. Only the width of a closed type may differ, and is then said. */
export const dimensions: CheckRule = (from, to) => {
  const [a, b] = [from.part.dimensions, to.part.dimensions]
  const differences = NAMES.flatMap(([key, name]) => {
    const [x, y] = [a[key], b[key]]
    return x === undefined || y === undefined ? [] : (difference(name, x, y) ?? [])
  })
  const [w, v] = [widthOf(from), widthOf(to)]
  const width =
    w === undefined || v === undefined || a.totalWidth !== undefined ? null : difference('width', w, v)
  if (differences.length === 0 && width && closedOnly(from, to))
    return {
      check: 'dimensions',
      result: 'warn',
      detail: `Same bore and outside, but ${width}. Check the room between shoulders and snap rings.`,
    }
  if (differences.length === 0 && width && from.part.family === 'insert' && to.part.family === 'insert')
    return {
      check: 'dimensions',
      result: 'warn',
      detail: `Same bore and shell, but the inner ring differs: ${width}. Check the room on the shaft, and how it is locked.`,
    }
  if (differences.length === 0 && width && from.part.piece === 'seal' && to.part.piece === 'seal')
    return {
      check: 'dimensions',
      result: 'warn',
      detail: `Same journal and counterbore, but ${width}. A wider one needs the room; a narrower one is pressed in flush, where the lip finds unworn shaft.`,
    }
  const all = width ? [...differences, width] : differences
  if (all.length > 0) return { check: 'dimensions', result: 'fail', detail: `${all.join('; ')}.` }
  const sizes = [a.bore, a.outside, w].flatMap((mm) => (mm === undefined ? [] : writeMm(mm)))
  return { check: 'dimensions', result: 'pass', detail: `Same size, ${sizes.join(' × ')} mm.` }
}
