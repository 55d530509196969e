import { z } from 'zod'
import type { Family } from './families'
import type { Piece } from './pieces'

/** Where a row comes from. `own` and `supplier` rows were brought in by the shop. */
export const SOURCE_KINDS = ['standard', 'common-practice', 'handbook', 'own', 'supplier'] as const
export type SourceKind = (typeof SOURCE_KINDS)[number]

export interface Provenance {
  kind: SourceKind
  /** standard and table, or whose practice */
  text: string
  /** false = recalled once only or doubted: shown as such, never offered as certain */
  verified: boolean
}

/** Boundary dimensions, millimetres. Seals: bore = shaft, outside = housing. Inserts: width = inner ring. */
export interface Dimensions {
  bore?: number
  outside?: number
  width?: number
  /** width of the shielded or sealed type where it differs from the open one */
  closedWidth?: number
  coneWidth?: number
  cupWidth?: number
  totalWidth?: number
  outerRingWidth?: number
  flangeOutside?: number
}
export type DimensionName = keyof Dimensions

/** Housings of insert bearings, by how they are fastened (ISO 3228). */
export const UNIT_HOUSINGS = [
  'pillow block',
  'square flange',
  'oval flange',
  'round flange',
  'take-up',
] as const

/** A cast housing, millimetres: of an insert bearing (ISO 3228), or split, of a bearing on a sleeve (ISO 113). */
export const HousingDetails = z.object({
  what: z.literal('housing'),
  kind: z.enum([...UNIT_HOUSINGS, 'plummer block']),
  /** bore of its seat, which is the outside of the bearing */
  seatMm: z.number().positive(),
  /** a take-up has none: it slides on rails */
  bolts: z.number().int().positive().optional(),
  /** thread of the bolts that hold it */
  bolt: z.string().optional(),
  /** between the bolts: of four in a square along a side, of four in a circle its diameter */
  boltSpacingMm: z.number().positive().optional(),
  /** between the rails of a take-up, and how wide the slots for them are */
  railSpacingMm: z.number().positive().optional(),
  railSlotMm: z.number().positive().optional(),
  /** of the longest side, or the diameter */
  lengthMm: z.number().positive(),
  /** of the shaft above the foot of a block */
  centreHeightMm: z.number().positive().optional(),
})
export type HousingDetails = z.infer<typeof HousingDetails>

/** What hardware needs to be known by, millimetres. */
export const HardwareDetails = z.discriminatedUnion('what', [
  z.object({
    what: z.literal('castleNut'),
    thread: z.string(),
    threadMm: z.number().positive(),
    pitchMm: z.number().positive(),
    acrossFlatsMm: z.number().positive(),
    heightMm: z.number().positive().optional(),
    slots: z.number().int().positive(),
  }),
  z.object({
    what: z.literal('lockNut'),
    thread: z.string(),
    threadMm: z.number().positive(),
    pitchMm: z.number().positive(),
    outsideMm: z.number().positive(),
    heightMm: z.number().positive(),
  }),
  z.object({
    what: z.literal('lockWasher'),
    boreMm: z.number().positive(),
    outsideMm: z.number().positive(),
  }),
  z.object({
    what: z.literal('adapterSleeve'),
    /** tapered bore of the bearing it carries */
    bearingBoreMm: z.number().positive(),
    shaftMm: z.number().positive(),
    nut: z.string(),
    washer: z.string(),
  }),
  z.object({
    what: z.literal('cotterPin'),
    pinMm: z.number().positive(),
    lengthMm: z.number().positive(),
    /** bolt range: over … up to and including … */
    threadOverMm: z.number().positive(),
    threadToMm: z.number().positive(),
    /** sold by inches: beside the ISO size of the same bolts, never instead of it unasked */
    inch: z.literal(true).optional(),
  }),
  z.object({
    what: z.literal('washer'),
    kind: z.enum(['tab washer', 'D washer', 'plain washer']),
    threadMm: z.number().positive(),
    boreMm: z.number().positive(),
    outsideMm: z.number().positive().optional(),
    thicknessMm: z.number().positive().optional(),
  }),
  z.object({
    what: z.literal('cap'),
    kind: z.enum(['dust cap', 'grease-fill cap']),
    hubBoreMm: z.number().positive(),
  }),
  z.object({
    what: z.literal('snapRing'),
    kind: z.enum(['shaft snap ring', 'bore snap ring']),
    nominalMm: z.number().positive(),
    thicknessMm: z.number().positive(),
    grooveMm: z.number().positive(),
  }),
  z.object({
    what: z.literal('eRing'),
    /** diameter of the groove it snaps on to, by which it is named */
    grooveMm: z.number().positive(),
    thicknessMm: z.number().positive(),
    /** shafts it is for: from … up to and including … */
    shaftFromMm: z.number().positive(),
    shaftToMm: z.number().positive(),
  }),
  HousingDetails,
])
export type HardwareDetails = z.infer<typeof HardwareDetails>

/** What a rod end is screwed on by: an external thread (male) or a threaded hole (female). */
export const Shank = z.object({ kind: z.enum(['male', 'female']), thread: z.string().max(20) })
export type Shank = z.infer<typeof Shank>

/** One catalogue part: a boundary part, without closure, clearance or other options. */
export interface Part {
  /** standard number without options; `CONE/CUP` for an inch tapered set */
  base: string
  family: Family
  piece: Piece
  /** dimension series or, for inch tapered parts, the mating structure */
  series: string
  dimensions: Dimensions
  /** 1 rare … 5 on every shelf; an estimate from common practice, used as a prior only */
  commonness: number
  provenance: Provenance
  /** worked out from the rule of its series: no row of the catalogue */
  computed?: true
  /** inch tapered set: the two parts it is made of */
  set?: { cone: string; cup: string }
  /** other numbers the trade gives this very part */
  synonyms?: readonly string[]
  seal?: { lip: string; material: string }
  /** rod end: the thread it is screwed on by, left-hand ones marked ` LH`; track roller: the thread of its stud */
  shank?: Shank
  hardware?: HardwareDetails
  /** unit of insert and housing: the housing, where it is listed */
  housing?: HousingDetails
}

/** Whether a part is in the catalogue: by a row of its own, or as an insert and a housing that both are. */
export const isListed = ({ computed, housing }: Pick<Part, 'computed' | 'housing'>): boolean =>
  computed !== true || housing !== undefined

/** How often a part of each commonness comes over the counter, relative to 3 = ordinary (estimate, common practice). */
const BY_COMMONNESS = [0.05, 0.1, 0.3, 1, 4, 12]
export const commonnessWeight = ({ commonness }: Part): number => BY_COMMONNESS[commonness] ?? 1

/** Millimetres from a handbook figure in inches, kept to the micrometre; halves go up as in handbooks (26.9875 → 26.988). */
export const roundMicrometre = (mm: number): number => Math.round(mm * 1000 + 1e-6) / 1000
