import { z } from 'zod'
import { FAMILY_NAMES } from '@/core/catalogue'

/** A family that has parts. */
export const FamilyCount = z.object({
  family: z.enum(FAMILY_NAMES),
  label: z.string(),
  parts: z.number().int(),
})
export type FamilyCount = z.output<typeof FamilyCount>

/** A part as the catalogue shows it in a list; mm, null = it has no such size. */
export const ListedPart = z.object({
  base: z.string(),
  series: z.string(),
  bore: z.number().nullable(),
  outside: z.number().nullable(),
  width: z.number().nullable(),
  verified: z.boolean(),
  source: z.string(),
  /** what hardware is known by: sizes in mm, or words; empty for the others */
  facts: z.array(z.object({ label: z.string(), mm: z.number().optional(), text: z.string().optional() })),
})
export type ListedPart = z.output<typeof ListedPart>
