import { z } from 'zod'
import { FAMILY_NAMES, HardwareDetails, HousingDetails, PIECES, Shank, SOURCE_KINDS } from '../catalogue'
import { CLOSURE_TYPES } from '../designation'

const mm = z.number().positive()

/** Letters of two bearings sold as one: back to back, face to face, in tandem (common practice). */
export const PAIRINGS = ['DB', 'DF', 'DT'] as const

/** A catalogue part as it stood when it was chosen: what later stages ask of it. */
const PartSnapshot = z.object({
  base: z.string().min(1).max(80),
  family: z.enum(FAMILY_NAMES),
  piece: z.enum(PIECES),
  series: z.string().max(60),
  /** of the form chosen: the width of a closed bearing is its closed width */
  dimensions: z
    .object({
      bore: mm,
      outside: mm,
      width: mm,
      closedWidth: mm,
      coneWidth: mm,
      cupWidth: mm,
      totalWidth: mm,
      outerRingWidth: mm,
      flangeOutside: mm,
    })
    .partial(),
  commonness: z.number(),
  provenance: z.object({ kind: z.enum(SOURCE_KINDS), text: z.string(), verified: z.boolean() }),
  computed: z.literal(true).optional(),
  synonyms: z.array(z.string()).readonly().optional(),
  set: z.object({ cone: z.string(), cup: z.string() }).optional(),
  seal: z.object({ lip: z.string(), material: z.string() }).optional(),
  shank: Shank.optional(),
  hardware: HardwareDetails.optional(),
  housing: HousingDetails.optional(),
})

/** A part of which at least some sizes are known, with its options. */
const Known = z.object({
  /** the whole number with its options, or the sizes, as it is ordered */
  designation: z.string().min(1).max(80),
  /** what the designation means: the key of stock and orders */
  key: z.string().min(1).max(190),
  part: PartSnapshot,
  closure: z.object({
    sides: z.union([z.literal(0), z.literal(1), z.literal(2)]),
    type: z.enum(CLOSURE_TYPES),
  }),
  clearance: z.string().max(10),
  precision: z.string().max(20).nullable(),
  /** taper of the bore over the diameter, 12 for 1:12; null = cylindrical */
  taper: z.number().positive().nullable(),
  groove: z.enum(['groove', 'grooveAndRing']).nullable(),
  /** two sold as one; absent = a single one */
  pairing: z.enum(PAIRINGS).optional(),
})

/**
 * What stands in a place of a kit: resolved once, when it is chosen, and carried from there. No later stage reads the
 * designation again.
 */
export const PartValue = z.discriminatedUnion('kind', [
  /** a row of the catalogue */
  Known.extend({ kind: z.literal('listed') }),
  /** from the shop's own or an imported list */
  Known.extend({ kind: z.literal('own'), list: z.string().max(120) }),
  /** no row, but its number follows the rule of its series */
  Known.extend({ kind: z.literal('byRule') }),
  /** known by its sizes alone */
  Known.extend({ kind: z.literal('bySizes') }),
  /** made to length in the shop: a tube over a shaft, mm */
  z.object({ kind: z.literal('made'), boreMm: mm, lengthMm: mm, outsideMm: mm.optional() }),
  /** a thin sleeve over a journal, mm */
  z.object({ kind: z.literal('sleeve'), journalMm: mm }),
  z.object({ kind: z.literal('balls'), diameterMm: mm }),
  /** as written: nobody checks it */
  z.object({ kind: z.literal('text'), text: z.string().min(1).max(80) }),
])
export type PartValue = z.output<typeof PartValue>
export type KnownPart = Extract<PartValue, { part: unknown }>

/** The part with its sizes; null for what has none of its own. */
export const knownPart = (value: PartValue | null | undefined): KnownPart | null =>
  value && 'part' in value ? value : null
