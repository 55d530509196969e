import { z } from 'zod'
import type { Family } from '../families'
import { HousingDetails, type HardwareDetails, type Part } from '../part'
import {
  BY_SIZE,
  length,
  mm,
  name,
  optionalCount,
  optionalMm,
  present,
  provenance,
  source,
  type CsvRow,
} from './columns'

const head = { designation: name, ...source }
type Head = z.output<z.ZodObject<typeof head>>

const sealRow = z.object({ ...head, shaft_mm: mm, housing_mm: mm, width_mm: mm, lip: name, material: name })
const inchSealRow = z.object({
  ...head,
  shaft: length,
  housing: length,
  width: length,
  lip: name,
  material: name,
})
const sleeveRow = z.object({ ...head, bearing_bore_mm: mm, shaft_mm: mm, nut: name, washer: name })
const nutRow = z.object({
  ...head,
  thread: name,
  thread_mm: mm,
  pitch_mm: mm,
  across_flats_mm: mm,
  height_mm: optionalMm,
  slots: z.coerce.number<string>().int().positive(),
})
const lockNutRow = z.object({
  ...head,
  thread: name,
  thread_mm: mm,
  pitch_mm: mm,
  outside_mm: mm,
  height_mm: mm,
})
const lockWasherRow = z.object({ ...head, bore_mm: mm, outside_mm: mm })
const pinRow = z.object({ ...head, pin_mm: mm, length_mm: mm, thread_over_mm: mm, thread_to_mm: mm })
const inchPinRow = z.object({
  ...head,
  pin: length,
  length,
  thread_over_mm: mm,
  thread_to_mm: mm,
})
const washerRow = z.object({
  ...head,
  kind: z.enum(['tab washer', 'D washer', 'plain washer']),
  thread_mm: mm,
  bore_mm: mm,
  outside_mm: optionalMm,
  thickness_mm: optionalMm,
})
const capRow = z.object({ ...head, kind: z.enum(['dust cap', 'grease-fill cap']), hub_bore_in: length })
const ring = { ...head, kind: z.enum(['shaft snap ring', 'bore snap ring']) }
const snapRow = z.object({ ...ring, nominal_mm: mm, thickness_mm: mm, groove_mm: mm })
const inchSnapRow = z.object({ ...ring, nominal: length, thickness: length, groove: length })
const eRingRow = z.object({
  ...head,
  groove_mm: mm,
  thickness_mm: mm,
  shaft_from_mm: mm,
  shaft_to_mm: mm,
})

const housingRow = z.object({
  ...head,
  kind: HousingDetails.shape.kind,
  seat_mm: mm,
  bolts: optionalCount,
  bolt: z.string().trim().max(10),
  bolt_spacing_mm: optionalMm,
  length_mm: mm,
  centre_height_mm: optionalMm,
  rail_spacing_mm: optionalMm,
  rail_slot_mm: optionalMm,
})

const bySize = (family: Family, row: Head): Pick<Part, 'base' | 'family' | 'commonness' | 'provenance'> => ({
  base: row.designation,
  family,
  commonness: BY_SIZE,
  provenance: provenance(row),
})

const hardware = (family: Family, row: Head, details: HardwareDetails): Part => ({
  ...bySize(family, row),
  piece: 'hardware',
  series: 'kind' in details ? details.kind : details.what === 'eRing' ? 'E-ring' : family,
  dimensions: {},
  hardware: present(details),
})

type SealHead = Head & { lip: string; material: string }

const sealPart = (row: SealHead, bore: number, outside: number, width: number): Part => ({
  ...bySize('seal', row),
  piece: 'seal',
  series: 'rotary shaft seal',
  dimensions: { bore, outside, width },
  seal: { lip: row.lip, material: row.material },
})

export function seal(row: CsvRow): Part {
  const r = sealRow.parse(row)
  return sealPart(r, r.shaft_mm, r.housing_mm, r.width_mm)
}

export function inchSeal(row: CsvRow): Part {
  const r = inchSealRow.parse(row)
  return sealPart(r, r.shaft, r.housing, r.width)
}

export function adapterSleeve(row: CsvRow): Part {
  const r = sleeveRow.parse(row)
  return hardware('adapter-sleeve', r, {
    what: 'adapterSleeve',
    bearingBoreMm: r.bearing_bore_mm,
    shaftMm: r.shaft_mm,
    nut: r.nut,
    washer: r.washer,
  })
}

export function housing(row: CsvRow): Part {
  const r = housingRow.parse(row)
  return hardware('housing', r, {
    what: 'housing',
    kind: r.kind,
    seatMm: r.seat_mm,
    bolts: r.bolts,
    bolt: r.bolt === '' ? undefined : r.bolt,
    boltSpacingMm: r.bolt_spacing_mm,
    lengthMm: r.length_mm,
    centreHeightMm: r.centre_height_mm,
    railSpacingMm: r.rail_spacing_mm,
    railSlotMm: r.rail_slot_mm,
  })
}

export function castleNut(row: CsvRow): Part {
  const r = nutRow.parse(row)
  return hardware('castle-nut', r, {
    what: 'castleNut',
    thread: r.thread,
    threadMm: r.thread_mm,
    pitchMm: r.pitch_mm,
    acrossFlatsMm: r.across_flats_mm,
    heightMm: r.height_mm,
    slots: r.slots,
  })
}

export function lockNut(row: CsvRow): Part {
  const r = lockNutRow.parse(row)
  return hardware('lock-nut', r, {
    what: 'lockNut',
    thread: r.thread,
    threadMm: r.thread_mm,
    pitchMm: r.pitch_mm,
    outsideMm: r.outside_mm,
    heightMm: r.height_mm,
  })
}

export function lockWasher(row: CsvRow): Part {
  const r = lockWasherRow.parse(row)
  return hardware('lock-washer', r, { what: 'lockWasher', boreMm: r.bore_mm, outsideMm: r.outside_mm })
}

const pin = (
  r: Head & { thread_over_mm: number; thread_to_mm: number },
  sizes: { pinMm: number; lengthMm: number; inch?: true },
): Part =>
  hardware('cotter-pin', r, {
    what: 'cotterPin',
    threadOverMm: r.thread_over_mm,
    threadToMm: r.thread_to_mm,
    ...sizes,
  })

export function cotterPin(row: CsvRow): Part {
  const r = pinRow.parse(row)
  return pin(r, { pinMm: r.pin_mm, lengthMm: r.length_mm })
}

export function inchCotterPin(row: CsvRow): Part {
  const r = inchPinRow.parse(row)
  return pin(r, { pinMm: r.pin, lengthMm: r.length, inch: true })
}

export function washer(row: CsvRow): Part {
  const r = washerRow.parse(row)
  return hardware('washer', r, {
    what: 'washer',
    kind: r.kind,
    threadMm: r.thread_mm,
    boreMm: r.bore_mm,
    outsideMm: r.outside_mm,
    thicknessMm: r.thickness_mm,
  })
}

export function cap(row: CsvRow): Part {
  const r = capRow.parse(row)
  return hardware('cap', r, { what: 'cap', kind: r.kind, hubBoreMm: r.hub_bore_in })
}

const snap = (
  r: Head & { kind: 'shaft snap ring' | 'bore snap ring' },
  [nominalMm, thicknessMm, grooveMm]: readonly [number, number, number],
): Part => hardware('snap-ring', r, { what: 'snapRing', kind: r.kind, nominalMm, thicknessMm, grooveMm })

export function snapRing(row: CsvRow): Part {
  const r = snapRow.parse(row)
  return snap(r, [r.nominal_mm, r.thickness_mm, r.groove_mm])
}

export function inchSnapRing(row: CsvRow): Part {
  const r = inchSnapRow.parse(row)
  return snap(r, [r.nominal, r.thickness, r.groove])
}

export function eRing(row: CsvRow): Part {
  const r = eRingRow.parse(row)
  return hardware('snap-ring', r, {
    what: 'eRing',
    grooveMm: r.groove_mm,
    thicknessMm: r.thickness_mm,
    shaftFromMm: r.shaft_from_mm,
    shaftToMm: r.shaft_to_mm,
  })
}
