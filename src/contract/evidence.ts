import { z } from 'zod'
import { HousingDetails, UNIT_HOUSINGS } from '@/core/catalogue'
import { MAX_STAMP } from '@/core/designation'
import { CLOSURE_LOOKS, CONDITIONS, ELEMENTS, EVIDENCE_PIECES, FEATURES } from '@/core/identify'
import { INSTRUMENTS } from '@/core/quantity'

const reading = z
  .union([z.string().max(60, 'A reading is at most 60 characters. Type one size.'), z.number().finite()])
  .transform(String)

export const Measurement = z.object({
  feature: z.enum(FEATURES),
  readings: z.array(reading).max(20, 'At most 20 readings of one feature.'),
  unit: z.enum(['mm', 'in', 'auto']).default('auto'),
  instrument: z.enum(INSTRUMENTS).optional(),
  condition: z.enum(CONDITIONS).optional(),
  /** kept on the sheet, left out of the answer */
  struck: z.boolean().optional(),
  /** struck out because the piece in the hand has no such size; comes back with the piece */
  struckBy: z.literal('piece').optional(),
})

/** Control characters and marks that only steer the direction of text stand in no number. */
const HIDDEN = /[\p{Cc}\p{Cf}]/u

export const StampText = z
  .string()
  .max(MAX_STAMP, `A stamp is at most ${MAX_STAMP} characters. Type what stands on one face of the part.`)
  .refine(
    (text) => !HIDDEN.test(text),
    'There is a hidden character in it, such as from a copied text. Type it anew.',
  )

export const Stamp = z.object({
  text: StampText,
  on: z.enum(['cone', 'cup', 'ring', 'seal', 'box']).optional(),
})

const flag = z.boolean().optional()

export const Observed = z.object({
  element: z.enum(ELEMENTS).optional(),
  piece: z.enum(EVIDENCE_PIECES).optional(),
  rows: z.number().int().min(1).max(4).optional(),
  closures: z.array(z.enum(CLOSURE_LOOKS)).max(2).optional(),
  flange: flag,
  snapGroove: flag,
  sphericalOutside: flag,
  extendedInner: flag,
  taperBore: flag,
  encoder: flag,
  doubleRow: flag,
  housingKind: z.enum(UNIT_HOUSINGS).optional().describe('of a unit: an insert bearing in its housing'),
})

/** What is known of a part: the body of `/api/identify`, and what a job keeps as typed. */
export const EvidenceSheet = z.object({
  measurements: z.array(Measurement).max(20).default([]),
  stamps: z.array(Stamp).max(10).default([]),
  observed: Observed.default({}),
})
export type EvidenceSheet = z.output<typeof EvidenceSheet>

export const IdentifyRequest = EvidenceSheet.extend({
  limit: z.number().int().min(1).max(50).default(10),
  unit: z.enum(['mm', 'in']).default('mm').describe('unit of the differences that are told in words'),
})

const dimensions = z.record(z.string(), z.number())

const IdentifyCandidate = z.object({
  rank: z.number().int(),
  base: z.string(),
  designation: z.string(),
  family: z.string(),
  familyText: z.string(),
  piece: z.string(),
  series: z.string(),
  probability: z.number(),
  verified: z.boolean(),
  listed: z.boolean().describe('false: computed from the rule of its series, not in the catalogue'),
  front: z.string().describe('prefix and number, without options'),
  options: z
    .array(
      z.object({
        written: z.string(),
        meaning: z.string(),
        kind: z.string(),
        value: z.string().describe('of its kind, such as 1:12 of a taper bore; empty = none'),
        from: z.enum(['stamp', 'seen']),
      }),
    )
    .describe('what the designation adds to the number; each may be left open'),
  closure: z.object({
    sides: z.union([z.literal(0), z.literal(1), z.literal(2)]),
    type: z.enum(['open', 'shield', 'lowFrictionSeal', 'contactSeal']),
  }),
  here: z
    .string()
    .describe('what this shop knows of it: closed jobs that had it, its lists and machines; empty = nothing'),
  dimensions,
  dimensionsIn: z.record(z.string(), z.string()),
  housing: HousingDetails.optional().describe('of a unit of insert and housing'),
  evidence: z.array(
    z.object({
      item: z.string(),
      label: z.string(),
      deviation: z.number().nullable(),
      weight: z.number(),
      verdict: z.enum(['agrees', 'strained', 'contradicts']),
      detail: z.string(),
    }),
  ),
})

export const IdentifyResponse = z.object({
  candidates: z.array(IdentifyCandidate),
  nearest: z
    .array(IdentifyCandidate)
    .describe('while not listed leads: the listed parts nearest by size; else none'),
  /** `leads`: likelier than all parts of the size that leads */
  unlisted: z.object({ probability: z.number(), leads: z.boolean(), note: z.string() }),
  hardware: z
    .object({ designation: z.string(), familyText: z.string() })
    .nullable()
    .describe('while not listed leads: what a stamp names instead of a bearing, such as a lock nut'),
  next: z
    .object({
      feature: z.string(),
      gainBits: z.number(),
      doubtLeft: z.number().describe('share still in doubt afterwards, 0 to 1'),
      separates: z.array(z.string()),
    })
    .nullable(),
  stampNotes: z.array(z.string()).describe('what to change in each stamp; empty = nothing'),
  advice: z.object({ heading: z.string(), line: z.string() }).nullable(),
  readings: z.array(
    z.object({
      feature: z.string(),
      unit: z.enum(['mm', 'in']),
      unitText: z.string(),
      pattern: z.string().describe('what several readings of one size say; empty for one'),
      mm: z.number(),
      mmText: z.string(),
      inText: z.string(),
    }),
  ),
  parts: z.number().int(),
  elapsedMs: z.number(),
})
export type IdentifyResponse = z.output<typeof IdentifyResponse>
