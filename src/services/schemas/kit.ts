import { z } from 'zod'
import { ARRANGEMENT_CODES } from '@/core/kit'
import { lengthProblemWords, readLength, toMm } from '@/core/quantity'

/** A size in millimetres, or text as people type it (inches only where they are said). */
const size = z.union([
  z.number().positive('A size is larger than zero.').max(3000, 'Larger than 3000 mm. Check the unit.'),
  z
    .string()
    .max(40)
    .transform((text, context) => {
      const read = readLength(text)
      if (read.ok)
        return toMm(read.value.value, read.value.stated ?? (read.value.form === 'fraction' ? 'in' : 'mm'))
      context.addIssue({ code: 'custom', message: lengthProblemWords(read.problem) })
      return z.NEVER
    }),
])

export const KitSizesInput = z.object({
  sealShaft: size.optional(),
  sealHousing: size.optional(),
  sealWidth: size.optional(),
  hubMouth: size.optional(),
  cavityLength: size.optional(),
  spacerLength: size.optional(),
  wheelSpacerLength: size.optional(),
  rpm: z.number().positive('A speed is larger than zero.').max(100_000).optional(),
})

export const KitProposal = z.object({
  arrangement: z.enum(ARRANGEMENT_CODES),
  positions: z
    .number()
    .int('Whole wheels only.')
    .min(1, 'At least one position.')
    .max(500, 'At most 500 positions in one kit.')
    .default(1),
  parts: z.record(z.string().max(40), z.string().max(80).nullable()).default({}),
  sizes: KitSizesInput.default({}),
  thread: z.string().max(30).optional(),
})

const asTyped = z.union([z.number(), z.string().max(40)])

/** A kit as a job keeps it: sizes stay as they were typed, readable or not. */
export const KitDraft = z.object({
  arrangement: z.enum(ARRANGEMENT_CODES),
  positions: z.number().int().min(1).max(500),
  parts: z.record(z.string().max(40), z.string().max(80)).default({}),
  sizes: z
    .object({
      sealShaft: asTyped.optional(),
      sealHousing: asTyped.optional(),
      sealWidth: asTyped.optional(),
      hubMouth: asTyped.optional(),
      cavityLength: asTyped.optional(),
      spacerLength: asTyped.optional(),
      wheelSpacerLength: asTyped.optional(),
      rpm: z.number().optional(),
    })
    .default({}),
  thread: z.string().max(30).optional(),
})
export type KitDraft = z.output<typeof KitDraft>

export const KitResponse = z.object({
  arrangement: z.enum(ARRANGEMENT_CODES),
  words: z.string(),
  positions: z.number().int(),
  lines: z.array(
    z.object({
      slot: z.string(),
      words: z.string(),
      designation: z.string(),
      quantityPerPosition: z.number(),
      quantity: z.number(),
      unit: z.enum(['pcs', 'g']),
      singleUse: z.boolean(),
      state: z.enum(['filled', 'gap', 'conflict']),
      reason: z.string(),
      assumed: z.boolean(),
      note: z.string(),
      alternatives: z.array(z.string()),
    }),
  ),
  checks: z.array(
    z.object({
      result: z.enum(['pass', 'warn', 'fail']),
      words: z.string(),
      detail: z.string(),
      slots: z.array(z.string()),
    }),
  ),
  complete: z.boolean(),
  price: z.number().nullable(),
  next: z.object({ heading: z.string(), line: z.string() }).nullable(),
  cautions: z.array(z.string()),
})
export type KitResponse = z.output<typeof KitResponse>
