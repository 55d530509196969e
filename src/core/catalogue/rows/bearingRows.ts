import { z } from 'zod'
import type { Family } from '../families'
import type { Dimensions, Part } from '../part'
import {
  commonness,
  length,
  mm,
  name,
  optionalLength,
  optionalMm,
  present,
  provenance,
  source,
  type CsvRow,
} from './columns'

const head = { designation: name, series: name, commonness, ...source }

const metricRow = z.object({
  ...head,
  bore_mm: mm,
  outside_mm: mm,
  width_mm: mm,
  closed_width_mm: optionalMm,
})
const inchRow = z.object({
  ...head,
  bore_in: length,
  outside_in: length,
  width_in: length,
  closed_width_in: optionalLength,
})
/** The same shell is made with metric and inch bores: the bore stands with its unit. Taper bores: at the small end. */
const insertRow = z.object({ ...head, bore: length, outside_mm: mm, width_mm: optionalMm })

type Head = z.output<z.ZodObject<typeof head>>

const whole = (family: Family, row: Head, dimensions: Dimensions): Part => ({
  base: row.designation,
  family,
  piece: 'complete',
  series: row.series,
  dimensions: present(dimensions),
  commonness: row.commonness,
  provenance: provenance(row),
})

/** Bearings of one piece with bore, outside and width in millimetres. */
export const metricBearing =
  (family: Family) =>
  (row: CsvRow): Part => {
    const r = metricRow.parse(row)
    return whole(family, r, {
      bore: r.bore_mm,
      outside: r.outside_mm,
      width: r.width_mm,
      closedWidth: r.closed_width_mm,
    })
  }

export function inchBall(row: CsvRow): Part {
  const r = inchRow.parse(row)
  return whole('inch-ball', r, {
    bore: r.bore_in,
    outside: r.outside_in,
    width: r.width_in,
    closedWidth: r.closed_width_in,
  })
}

export function insert(row: CsvRow): Part {
  const r = insertRow.parse(row)
  return whole('insert', r, { bore: r.bore, outside: r.outside_mm, width: r.width_mm })
}
