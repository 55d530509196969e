import { z } from 'zod'
import { readLength, toMm } from '../quantity'
import { roundMicrometre, SOURCE_KINDS, type Part, type Provenance } from './part'

/** The catalogue as it ships: one file per family, rows as text. Reading files is the caller's business. */
export const CATALOGUE_FILES = [
  'deep-groove',
  'miniature',
  'inch-ball',
  'deep-groove-double-row',
  'angular-contact',
  'angular-contact-double-row',
  'self-aligning',
  'cylindrical',
  'spherical',
  'needle',
  'thrust-ball',
  'insert',
  'hub-units',
  'tapered-metric',
  'tapered-inch-cones',
  'tapered-inch-cups',
  'tapered-inch-sets',
  'seals',
  'castle-nuts',
  'cotter-pins',
  'washers',
  'caps',
  'snap-rings',
] as const
export type CatalogueFile = (typeof CATALOGUE_FILES)[number]
export type CsvRow = Record<string, string>

const mm = z.coerce.number<string>().positive().max(3000)
const optionalMm = z.union([z.literal('').transform(() => undefined), mm])
/** A length with its unit; bare figures are inches. */
const inch = z.string().transform((text, context) => {
  const read = readLength(text)
  if (read.ok) return roundMicrometre(toMm(read.value.value, read.value.stated ?? 'in'))
  context.addIssue({ code: 'custom', message: `not a length in inches: ${text}` })
  return z.NEVER
})
const optionalInch = z.union([z.literal('').transform(() => undefined), inch])
const commonness = z.coerce.number<string>().int().min(1).max(5)
const name = z.string().trim().min(1).max(60)
const source = {
  source_kind: z.enum(SOURCE_KINDS),
  source: z.string().min(1).max(200),
  verified: z.enum(['yes', 'no']),
}
const provenance = (row: {
  source_kind: Provenance['kind']
  source: string
  verified: 'yes' | 'no'
}): Provenance => ({
  kind: row.source_kind,
  text: row.source,
  verified: row.verified === 'yes',
})
/** Drops empty cells so that a missing dimension is absent, not undefined. */
const present = <T extends object>(sizes: T): T =>
  Object.fromEntries(Object.entries(sizes).filter(([, value]) => value !== undefined)) as T

const ballMm = z.object({
  designation: name,
  series: name,
  bore_mm: mm,
  outside_mm: mm,
  width_mm: mm,
  closed_width_mm: optionalMm,
  commonness,
  ...source,
})
const ballInch = z.object({
  designation: name,
  series: name,
  bore_in: inch,
  outside_in: inch,
  width_in: inch,
  closed_width_in: optionalInch,
  commonness,
  ...source,
})
const insertRow = z.object({
  designation: name,
  series: name,
  /** with its unit: the same shell is made with metric and inch bores */
  bore: inch,
  outside_mm: mm,
  width_mm: mm,
  commonness,
  ...source,
})
const taperedMetricRow = z.object({
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
  bore: inch,
  cone_width: inch,
  commonness,
  ...source,
})
const cupRow = z.object({ designation: name, series: name, outside: inch, cup_width: inch, ...source })
const setRow = z.object({ cone: name, cup: name, total_width: inch, ...source })
const sealRow = z.object({
  designation: name,
  shaft_mm: mm,
  housing_mm: mm,
  width_mm: mm,
  lip: name,
  material: name,
  ...source,
})
const nutRow = z.object({
  designation: name,
  thread: name,
  thread_mm: mm,
  pitch_mm: mm,
  across_flats_mm: mm,
  height_mm: optionalMm,
  slots: z.coerce.number<string>().int().positive(),
  ...source,
})
const pinRow = z.object({
  designation: name,
  pin_mm: mm,
  length_mm: mm,
  thread_over_mm: mm,
  thread_to_mm: mm,
  ...source,
})
const washerRow = z.object({
  designation: name,
  kind: z.enum(['tab washer', 'D washer', 'plain washer']),
  thread_mm: mm,
  bore_mm: mm,
  outside_mm: optionalMm,
  thickness_mm: optionalMm,
  ...source,
})
const capRow = z.object({
  designation: name,
  kind: z.enum(['dust cap', 'grease-fill cap']),
  hub_bore_in: inch,
  ...source,
})
const snapRow = z.object({
  designation: name,
  kind: z.enum(['shaft snap ring', 'bore snap ring']),
  nominal_mm: mm,
  thickness_mm: mm,
  groove_mm: mm,
  ...source,
})

const simplePart =
  (family: Part['family']) =>
  (row: CsvRow): Part => {
    const r = ballMm.parse(row)
    const dimensions = present({
      bore: r.bore_mm,
      outside: r.outside_mm,
      width: r.width_mm,
      closedWidth: r.closed_width_mm,
    })
    return {
      base: r.designation,
      family,
      piece: 'complete',
      series: r.series,
      dimensions,
      commonness: r.commonness,
      provenance: provenance(r),
    }
  }

/** Commonness of parts that are always bought by size, not by habit. */
const BY_SIZE = 3
const hardwarePart = (
  family: Part['family'],
  row: { designation: string } & Parameters<typeof provenance>[0],
  hardware: NonNullable<Part['hardware']>,
): Part => ({
  base: row.designation,
  family,
  piece: 'hardware',
  series: family,
  dimensions: {},
  commonness: BY_SIZE,
  provenance: provenance(row),
  hardware: present(hardware),
})

const READERS: Record<Exclude<CatalogueFile, 'tapered-inch-sets'>, (row: CsvRow) => Part> = {
  'deep-groove': simplePart('deep-groove'),
  miniature: simplePart('miniature'),
  'inch-ball': (row) => {
    const r = ballInch.parse(row)
    const dimensions = present({
      bore: r.bore_in,
      outside: r.outside_in,
      width: r.width_in,
      closedWidth: r.closed_width_in,
    })
    return {
      base: r.designation,
      family: 'inch-ball',
      piece: 'complete',
      series: r.series,
      dimensions,
      commonness: r.commonness,
      provenance: provenance(r),
    }
  },
  'deep-groove-double-row': simplePart('deep-groove-double-row'),
  'angular-contact': simplePart('angular-contact'),
  'angular-contact-double-row': simplePart('angular-contact-double-row'),
  'self-aligning': simplePart('self-aligning'),
  cylindrical: simplePart('cylindrical'),
  spherical: simplePart('spherical'),
  needle: simplePart('needle'),
  'thrust-ball': simplePart('thrust-ball'),
  'hub-units': simplePart('hub-unit'),
  insert: (row) => {
    const r = insertRow.parse(row)
    return {
      base: r.designation,
      family: 'insert',
      piece: 'complete',
      series: r.series,
      dimensions: { bore: r.bore, outside: r.outside_mm, width: r.width_mm },
      commonness: r.commonness,
      provenance: provenance(r),
    }
  },
  'tapered-metric': (row) => {
    const r = taperedMetricRow.parse(row)
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
  },
  'tapered-inch-cones': (row) => {
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
  },
  'tapered-inch-cups': (row) => {
    const r = cupRow.parse(row)
    return {
      base: r.designation,
      family: 'tapered-inch',
      piece: 'cup',
      series: r.series,
      dimensions: { outside: r.outside, cupWidth: r.cup_width },
      commonness: BY_SIZE,
      provenance: provenance(r),
    }
  },
  seals: (row) => {
    const r = sealRow.parse(row)
    return {
      base: r.designation,
      family: 'seal',
      piece: 'seal',
      series: 'rotary shaft seal',
      dimensions: { bore: r.shaft_mm, outside: r.housing_mm, width: r.width_mm },
      commonness: BY_SIZE,
      provenance: provenance(r),
      seal: { lip: r.lip, material: r.material },
    }
  },
  'castle-nuts': (row) => {
    const r = nutRow.parse(row)
    return hardwarePart('castle-nut', r, {
      what: 'castleNut',
      thread: r.thread,
      threadMm: r.thread_mm,
      pitchMm: r.pitch_mm,
      acrossFlatsMm: r.across_flats_mm,
      heightMm: r.height_mm,
      slots: r.slots,
    })
  },
  'cotter-pins': (row) => {
    const r = pinRow.parse(row)
    return hardwarePart('cotter-pin', r, {
      what: 'cotterPin',
      pinMm: r.pin_mm,
      lengthMm: r.length_mm,
      threadOverMm: r.thread_over_mm,
      threadToMm: r.thread_to_mm,
    })
  },
  washers: (row) => {
    const r = washerRow.parse(row)
    return hardwarePart('washer', r, {
      what: 'washer',
      kind: r.kind,
      threadMm: r.thread_mm,
      boreMm: r.bore_mm,
      outsideMm: r.outside_mm,
      thicknessMm: r.thickness_mm,
    })
  },
  caps: (row) => {
    const r = capRow.parse(row)
    return hardwarePart('cap', r, { what: 'cap', kind: r.kind, hubBoreMm: r.hub_bore_in })
  },
  'snap-rings': (row) => {
    const r = snapRow.parse(row)
    return hardwarePart('snap-ring', r, {
      what: 'snapRing',
      kind: r.kind,
      nominalMm: r.nominal_mm,
      thicknessMm: r.thickness_mm,
      grooveMm: r.groove_mm,
    })
  },
}

/** Every cone with every cup of its series; the total width where a table gives it. */
function assembleSets(parts: readonly Part[], rows: readonly CsvRow[]): Part[] {
  const totals = new Map(
    rows.map((row) => {
      const r = setRow.parse(row)
      return [
        `${r.cone}/${r.cup}` as string,
        { totalWidth: r.total_width, provenance: provenance(r) },
      ] as const
    }),
  )
  const tapered = parts.filter((part) => part.family === 'tapered-inch')
  const cups = tapered.filter((part) => part.piece === 'cup')
  const sets = tapered
    .filter((part) => part.piece === 'cone')
    .flatMap((cone) =>
      cups
        .filter((cup) => cup.series === cone.series)
        .map((cup): Part => {
          const base = `${cone.base}/${cup.base}`
          const known = totals.get(base)
          return {
            base,
            family: 'tapered-inch',
            piece: 'complete',
            series: cone.series,
            dimensions: {
              ...cone.dimensions,
              ...cup.dimensions,
              ...(known && { totalWidth: known.totalWidth }),
            },
            commonness: known ? cone.commonness : 1,
            provenance: known?.provenance ?? cone.provenance,
            set: { cone: cone.base, cup: cup.base },
          }
        }),
    )
  const made = new Set(sets.map((set) => set.base))
  const stray = [...totals.keys()].find((key) => !made.has(key))
  if (stray)
    throw new Error(`tapered-inch-sets: ${stray} joins parts of two series, or one that is not listed`)
  return sets
}

/**
 * Turns the rows of all catalogue files into parts.
 * @throws with file and row number when a row does not hold what its column says: the catalogue is ours and must be whole
 */
export function readCatalogueRows(files: Record<CatalogueFile, CsvRow[]>): Part[] {
  const parts = CATALOGUE_FILES.flatMap((file) => {
    if (file === 'tapered-inch-sets') return []
    return files[file].map((row, i) => {
      try {
        return READERS[file](row)
      } catch (error) {
        throw new Error(`${file} row ${i + 2}: ${error instanceof Error ? error.message : String(error)}`, {
          cause: error,
        })
      }
    })
  })
  return [...parts, ...assembleSets(parts, files['tapered-inch-sets'])]
}
