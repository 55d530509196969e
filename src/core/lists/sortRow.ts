import { numberKey, type Dimensions, type Part } from '../catalogue'
import { meaningOf, readClean, type DesignationContext } from '../designation'
import { lengthProblemText, readAmount, readLength, toMm, writeMm, type LengthUnit } from '../quantity'
import type { ColumnMap, ListField } from './columns'

export type ListCells = Partial<Record<ListField, string>>

/** What a row says, once read. */
export interface ListItem {
  designation: string
  /** the listed boundary part; null for a part that no plan holds */
  base: string | null
  bore: number | null
  outside: number | null
  width: number | null
  quantity: number | null
  price: number | null
  bin: string
}

type SortedRow =
  /** `meaning`: same meaning, same key: `6205-2RS1` and `6205 DDU` have one */
  { ok: true; partKey: string; item: ListItem } | { ok: false; problem: string }

/** Sizes of a list and of the plan may differ by this much before they contradict each other, mm: rounded inch sizes. */
const SAME_MM = 0.26
const LONGEST_NUMBER = 80
const LONGEST_BIN = 40
const MAX_QUANTITY = 10_000_000

/** The cells of a row under their fields. */
export const cellsOf = (row: Record<string, string>, columns: ColumnMap): ListCells =>
  Object.fromEntries(
    Object.entries(columns).map(([field, column]) => [field, (row[column] ?? '').trim()]),
  ) as ListCells

type Sizes = Record<'bore' | 'outside' | 'width', number | null>

/** @throws Error with words when a cell holds no length */
function sizesOf(cells: ListCells, unit: LengthUnit): Sizes {
  const size = (field: keyof Sizes): number | null => {
    const text = cells[field] ?? ''
    if (text === '') return null
    const read = readLength(text)
    if (!read.ok) throw new Error(`${field}: ${lengthProblemText(read.problem)}`)
    return Math.round(toMm(read.value.value, read.value.stated ?? unit) * 1e4) / 1e4
  }
  return { bore: size('bore'), outside: size('outside'), width: size('width') }
}

/** @throws Error with words when a cell holds no figure, or one below zero */
function figureOf(cells: ListCells, field: 'quantity' | 'price'): number | null {
  const text = cells[field] ?? ''
  if (text === '') return null
  const figure = readAmount(text)
  if (figure === null) throw new Error(`${field}: “${text.slice(0, 40)}” is no figure.`)
  if (figure < 0 || figure > MAX_QUANTITY)
    throw new Error(`${field}: ${text.slice(0, 40)} cannot be. Give a figure from 0 to ${MAX_QUANTITY}.`)
  return figure
}

const widthsOf = (d: Dimensions): number[] =>
  [d.width, d.closedWidth, d.totalWidth, d.coneWidth, d.cupWidth, d.outerRingWidth].flatMap((w) => w ?? [])

const written = (sizes: readonly (number | null | undefined)[]): string =>
  `${sizes.map((mm) => (mm === null || mm === undefined ? '–' : writeMm(mm))).join(' × ')} mm`

/** Words when the row gives other sizes than the plan has for this number. */
function contradiction(part: Part, sizes: Sizes): string | null {
  const { bore, outside } = part.dimensions
  const differs = (value: number | null, plan: readonly (number | undefined)[]): boolean => {
    const known = plan.flatMap((mm) => mm ?? [])
    return value !== null && known.length > 0 && known.every((mm) => Math.abs(mm - value) > SAME_MM)
  }
  const widths = widthsOf(part.dimensions)
  if (!differs(sizes.bore, [bore]) && !differs(sizes.outside, [outside]) && !differs(sizes.width, widths))
    return null
  return `${part.base} is ${written([bore, outside, widths[0]])}; this row says ${written([sizes.bore, sizes.outside, sizes.width])}. Correct the number or the sizes.`
}

/**
 * Reads one row of a list: its number by what it means, its sizes in millimetres, quantity and price.
 *
 * @param unit of sizes that state none
 * @returns the item, or words that say what to change
 */
export function sortRow(cells: ListCells, unit: LengthUnit, context: DesignationContext): SortedRow {
  const designation = cells.designation ?? ''
  if (designation === '') return { ok: false, problem: 'No number in this row.' }
  if (designation.length > LONGEST_NUMBER)
    return { ok: false, problem: `The number is longer than ${LONGEST_NUMBER} characters.` }
  try {
    const sizes = sizesOf(cells, unit)
    if (sizes.bore !== null && sizes.outside !== null && sizes.bore >= sizes.outside)
      return { ok: false, problem: 'The bore is not smaller than the outside.' }
    const rest = {
      designation,
      quantity: figureOf(cells, 'quantity'),
      price: figureOf(cells, 'price'),
      bin: (cells.bin ?? '').slice(0, LONGEST_BIN),
    }
    const reading = readClean(designation, context)
    if (reading) {
      const problem = contradiction(reading.part, sizes)
      if (problem) return { ok: false, problem }
    }
    if (reading && !reading.part.computed) {
      const { bore = null, outside = null } = reading.part.dimensions
      return {
        ok: true,
        partKey: meaningOf(reading),
        item: {
          ...rest,
          base: reading.base,
          bore,
          outside,
          width: sizes.width ?? widthsOf(reading.part.dimensions)[0] ?? null,
        },
      }
    }
    const computed = reading?.part.dimensions
    sizes.bore ??= computed?.bore ?? null
    sizes.outside ??= computed?.outside ?? null
    sizes.width ??= (computed && widthsOf(computed)[0]) ?? null
    if (sizes.bore === null || sizes.outside === null || sizes.width === null)
      return {
        ok: false,
        problem: `“${designation}” is in no plan we hold. Give bore, outside and width, and it is kept as a part of your own.`,
      }
    return {
      ok: true,
      partKey: reading ? meaningOf(reading) : numberKey(designation),
      item: { ...rest, base: null, ...sizes },
    }
  } catch (error) {
    return { ok: false, problem: error instanceof Error ? error.message : 'This row cannot be read.' }
  }
}
