import { z } from 'zod'
import { FAMILY_NAMES, HardwareDetails, HousingDetails, PIECES, Shank, SOURCE_KINDS } from '@/core/catalogue'
import { TOKEN_KINDS } from '@/core/designation'
import { VERDICTS } from '@/core/interchange'

const dimensions = z.record(z.string(), z.number())
const dimensionsIn = z.record(z.string(), z.string())

export const HealthResponse = z.object({
  status: z.literal('ok'),
  version: z.string(),
  database: z.literal('ok'),
  catalogue: z.object({ parts: z.number().int(), families: z.number().int() }),
})

export const Problem = z.object({
  type: z.string(),
  title: z.string(),
  status: z.number().int(),
  detail: z.string(),
  issues: z
    .array(z.object({ path: z.array(z.union([z.string(), z.number()])), message: z.string() }))
    .optional(),
  suggestions: z
    .array(z.object({ designation: z.string(), changed: z.string() }))
    .describe('numbers that may have been meant by one that is not listed; offered, never taken')
    .optional(),
  current: z.unknown().describe('409: what is stored now').optional(),
})

export const DecodeResponse = z.object({
  text: z.string(),
  readings: z.array(
    z.object({
      canonical: z.string(),
      family: z.enum(FAMILY_NAMES),
      familyText: z.string(),
      base: z.string(),
      listed: z.boolean(),
      bore: z.number().nullable(),
      outside: z.number().nullable(),
      width: z.number().nullable().describe('in the form named: a closed type may be wider'),
      openWidth: z.number().optional(),
      basePlace: z.object({ from: z.number().int(), to: z.number().int() }),
      tokens: z.array(
        z.object({
          text: z.string(),
          at: z.number().int(),
          kind: z.enum(TOKEN_KINDS),
          meaning: z.string(),
          value: z.string().describe('of its kind, such as 1:12 of a taper bore; empty = none'),
          known: z.boolean(),
        }),
      ),
      unknown: z.array(z.string()),
      repaired: z
        .array(z.object({ at: z.number().int(), read: z.string(), taken: z.string() }))
        .describe('marks taken for others than were read; an empty side is a mark added or left out'),
      exact: z.boolean().describe('every mark is explained as it stands'),
      closure: z.object({
        sides: z.union([z.literal(0), z.literal(1), z.literal(2)]),
        type: z.enum(['open', 'shield', 'lowFrictionSeal', 'contactSeal']),
      }),
      clearance: z.string(),
      confidence: z.number(),
    }),
  ),
})

export const PartResponse = z.object({
  designation: z.string(),
  listed: z.boolean().describe('false: computed from the rule of its series, not in the catalogue'),
  base: z.string(),
  family: z.enum(FAMILY_NAMES),
  familyText: z.string(),
  piece: z.enum(PIECES),
  series: z.string(),
  dimensions,
  dimensionsIn,
  source: z.string(),
  sourceKind: z.enum(SOURCE_KINDS),
  verified: z.boolean(),
  synonyms: z.array(z.string()),
  set: z.object({ cone: z.string(), cup: z.string() }).optional(),
  seal: z.object({ lip: z.string(), material: z.string() }).optional(),
  shank: Shank.optional(),
  hardware: HardwareDetails.optional(),
  corner: z
    .object({ cornerMm: z.number(), filletMm: z.number() })
    .optional()
    .describe('corner of the rings, at least, and fillet of the seats, at most'),
  snapGroove: z
    .object({
      grooveMm: z.number(),
      widthMm: z.number(),
      ringOutsideMm: z.number(),
      ringThickMm: z.number(),
    })
    .optional()
    .describe('of a number with a groove: diameter at its bottom, width, outside and thickness of its ring'),
  housing: HousingDetails.optional().describe('of a unit of insert and housing'),
})

const checks = z.array(
  z.object({
    check: z.string(),
    result: z.enum(['pass', 'warn', 'fail']),
    detail: z.string(),
    /** what the old and the new one say of it, where they differ */
    values: z.tuple([z.string(), z.string()]).readonly().optional(),
  }),
)

export const InterchangeResponse = z.object({
  base: z.string(),
  designation: z.string(),
  equivalents: z.array(
    z.object({ designation: z.string(), verdict: z.enum(VERDICTS), convention: z.string(), checks }),
  ),
  traps: z.array(z.object({ designation: z.string(), why: z.string(), kind: z.enum(['size', 'number']) })),
})

export const Comparison = z.object({ from: z.string(), to: z.string(), verdict: z.enum(VERDICTS), checks })

export const TaperedResponse = z.object({
  designation: z.string(),
  piece: z.enum(['cone', 'cup']),
  series: z.string(),
  mates: z.array(
    z.object({
      designation: z.string(),
      set: z.string(),
      outside: z.number().optional(),
      bore: z.number().optional(),
      widths: z.object({ coneWidth: z.number().optional(), cupWidth: z.number().optional() }),
      totalWidth: z.number().nullable(),
      in: dimensionsIn,
    }),
  ),
})

const seal = z.object({
  designation: z.string(),
  dimensions,
  in: z.object({ shaft: z.string(), housing: z.string() }),
  lip: z.string().optional(),
  material: z.string().optional(),
  detail: z.string(),
  checks,
})
/** Everything a part sheet shows. */
export const PartSheet = z.object({
  designation: z.string(),
  part: PartResponse,
  reading: DecodeResponse.shape.readings.element.nullable(),
  /** other meanings that the same marks have in other conventions */
  otherReadings: DecodeResponse.shape.readings,
  interchange: InterchangeResponse,
  /** of each ring of a tapered set */
  mates: z.array(TaperedResponse),
  /** hardware used together with this piece */
  goesWith: z.array(z.object({ designation: z.string(), label: z.string() })),
})
export type PartSheet = z.output<typeof PartSheet>

export const SealsResponse = z.object({
  /** at the lip, m/s */
  lipSpeed: z.number().nullable(),
  /** elastomers that stand the work, the plainest first */
  materials: z.array(z.string()),
  sleeves: z.array(
    z.object({
      kind: z.enum(['thin', 'made']),
      runsOnMm: z.number(),
      text: z.string(),
      seals: z.array(z.string()),
    }),
  ),
  /** hub caps for a bore of this size */
  caps: z.array(z.string()),
  shaft: z.number(),
  housing: z.number(),
  width: z.number().nullable(),
  seals: z.array(seal),
  near: z.array(seal),
})
export type SealsResponse = z.output<typeof SealsResponse>
