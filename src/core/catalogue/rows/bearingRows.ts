import { z } from 'zod'
import type { Family } from '../families'
import { readLength, toMm } from '../../quantity'
import { isFamily } from '../families'
import { roundMicrometre, Shank, type Dimensions, type Part } from '../part'
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

const whole = (
  family: Family,
  row: Head,
  dimensions: { [name in keyof Dimensions]: number | undefined },
): Part => ({
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

/** A length in millimetres unless the cell says another unit: metric outsides with inch bores stand in one row. */
const sized = z.string().transform((text, context) => {
  if (text === '') return undefined
  const read = readLength(text)
  if (read.ok) return roundMicrometre(toMm(read.value.value, read.value.stated ?? 'mm'))
  context.addIssue({ code: 'custom', message: `not a length: ${text}` })
  return z.NEVER
})

const anyRow = z.object({
  ...head,
  family: z.string().refine(isFamily),
  bore: sized,
  outside: sized,
  width: sized,
  closed_width: sized,
  flange_outside: sized,
  outer_ring_width: sized,
  /** of the stud */
  thread: name.or(z.literal('')).optional(),
})

/** Bearings of any family, each row with its own: flanged, inch-bored and the smaller families. */
export function anyBearing(row: CsvRow): Part {
  const r = anyRow.parse(row)
  if (!isFamily(r.family)) throw new Error(`no family ${r.family}`)
  const part = whole(r.family, r, {
    bore: r.bore,
    outside: r.outside,
    width: r.width,
    closedWidth: r.closed_width,
    flangeOutside: r.flange_outside,
    outerRingWidth: r.outer_ring_width,
  })
  return r.thread ? { ...part, shank: { kind: 'male', thread: r.thread } } : part
}

const rodEndRow = metricRow
  .omit({ closed_width_mm: true })
  .extend({ outer_ring_width_mm: mm, thread: name, shank: Shank.shape.kind })

/** Rod ends: `outside` is the head, `width` the ball, `outerRingWidth` the head beside it. */
export function rodEnd(row: CsvRow): Part {
  const r = rodEndRow.parse(row)
  const dimensions = {
    bore: r.bore_mm,
    outside: r.outside_mm,
    width: r.width_mm,
    outerRingWidth: r.outer_ring_width_mm,
  }
  return { ...whole('rod-end', r, dimensions), shank: { kind: r.shank, thread: r.thread } }
}

export function insert(row: CsvRow): Part {
  const r = insertRow.parse(row)
  return whole('insert', r, { bore: r.bore, outside: r.outside_mm, width: r.width_mm })
}
