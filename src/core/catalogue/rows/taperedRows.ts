import { z } from 'zod'
import type { Part } from '../part'
import {
  BY_SIZE,
  commonness,
  length,
  mm,
  name,
  optionalMm,
  present,
  provenance,
  source,
  type CsvRow,
} from './columns'

const metricRow = z.object({
  designation: name,
  series: name,
  bore_mm: mm,
  outside_mm: mm,
  total_width_mm: mm,
  cone_width_mm: optionalMm,
  cup_width_mm: optionalMm,
  commonness,
  ...source,
})
const coneRow = z.object({
  designation: name,
  series: name,
  bore: length,
  cone_width: length,
  commonness,
  ...source,
})
const cupRow = z.object({
  designation: name,
  series: name,
  outside: length,
  cup_width: length,
  commonness,
  ...source,
})
const numberRow = z.object({ number: name, cone: name, cup: name, ...source })
const setRow = z.object({ cone: name, cup: name, total_width: length, ...source })

export function metricTapered(row: CsvRow): Part {
  const r = metricRow.parse(row)
  return {
    base: r.designation,
    family: 'tapered-metric',
    piece: 'complete',
    series: r.series,
    dimensions: present({
      bore: r.bore_mm,
      outside: r.outside_mm,
      totalWidth: r.total_width_mm,
      coneWidth: r.cone_width_mm,
      cupWidth: r.cup_width_mm,
    }),
    commonness: r.commonness,
    provenance: provenance(r),
  }
}

export function cone(row: CsvRow): Part {
  const r = coneRow.parse(row)
  return {
    base: r.designation,
    family: 'tapered-inch',
    piece: 'cone',
    series: r.series,
    dimensions: { bore: r.bore, coneWidth: r.cone_width },
    commonness: r.commonness,
    provenance: provenance(r),
  }
}

export function cup(row: CsvRow): Part {
  const r = cupRow.parse(row)
  return {
    base: r.designation,
    family: 'tapered-inch',
    piece: 'cup',
    series: r.series,
    dimensions: { outside: r.outside, cupWidth: r.cup_width },
    commonness: r.commonness,
    provenance: provenance(r),
  }
}

/** A cup that is bought less often than cups are holds its sets back, however common the cone is. */
const usualWith = ({ commonness: own }: Part): number => (own < BY_SIZE ? own : Infinity)

function assembled(
  inner: Part,
  outer: Part,
  known: { totalWidth: number; provenance: Part['provenance'] } | undefined,
): Part {
  return {
    base: `${inner.base}/${outer.base}`,
    family: 'tapered-inch',
    piece: 'complete',
    series: inner.series,
    dimensions: { ...inner.dimensions, ...outer.dimensions, ...(known && { totalWidth: known.totalWidth }) },
    commonness: known ? Math.min(inner.commonness, usualWith(outer)) : 1,
    provenance: known?.provenance ?? inner.provenance,
    set: { cone: inner.base, cup: outer.base },
  }
}

/** Trade numbers by the set they name. */
function setNumbers(rows: readonly CsvRow[]): Map<string, string[]> {
  const numbers = new Map<string, string[]>()
  for (const row of rows) {
    const { number, cone, cup } = numberRow.parse(row)
    const set = `${cone}/${cup}`
    numbers.set(set, [...(numbers.get(set) ?? []), number])
  }
  return numbers
}

/**
 * Every cone with every cup of its series; the total width where a table gives it, the trade numbers of the set with it.
 * @throws when a table joins parts of two series, or one that is not listed
 */
export function assembleSets(
  parts: readonly Part[],
  rows: readonly CsvRow[],
  numberRows: readonly CsvRow[],
): Part[] {
  const numbers = setNumbers(numberRows)
  const totals = new Map<string, { totalWidth: number; provenance: Part['provenance'] }>()
  for (const row of rows) {
    const r = setRow.parse(row)
    totals.set(`${r.cone}/${r.cup}`, { totalWidth: r.total_width, provenance: provenance(r) })
  }
  const cups = parts.filter((part) => part.piece === 'cup')
  const sets = parts
    .filter((part) => part.piece === 'cone')
    .flatMap((inner) =>
      cups
        .filter((outer) => outer.series === inner.series)
        .map((outer) => assembled(inner, outer, totals.get(`${inner.base}/${outer.base}`)))
        .map((set) => {
          const synonyms = numbers.get(set.base)
          return synonyms ? { ...set, synonyms } : set
        }),
    )
  const made = new Set(sets.map((set) => set.base))
  const stray = [...totals.keys(), ...numbers.keys()].find((key) => !made.has(key))
  if (stray)
    throw new Error(`tapered-inch-sets: ${stray} joins parts of two series, or one that is not listed`)
  return sets
}
