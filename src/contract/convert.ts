import { z } from 'zod'
import { CONVERSIONS } from '@/core/convert'
import { KitDraft } from './kit'
import { lengthGroup, lengthMm } from './length'

export const ConvertRequest = z.object({
  kind: z.enum(CONVERSIONS),
  seats: z
    .array(lengthGroup({ shaft: 'bore', housing: 'outside', width: 'width' }))
    .min(1, 'Give at least one end of the hub.')
    .max(2, 'A hub has two ends.'),
  /** the part chosen for each end; else the one with the least work */
  chosen: z.array(z.string().trim().max(80)).max(2).default([]),
  /** between the shoulders of the hub */
  shoulders: lengthMm.optional(),
  positions: z.number().int('Whole wheels only.').min(1).max(500).default(1),
})

const match = z.enum(['fits', 'sleeve', 'machine'])
export const ConvertResponse = z.object({
  seats: z.array(
    z.object({
      parts: z.array(
        z.object({
          designation: z.string(),
          bore: z.number(),
          outside: z.number(),
          width: z.number(),
          shaft: match,
          housing: match,
          widthChangeMm: z.number(),
          words: z.string(),
        }),
      ),
      chosen: z.string().nullable(),
    }),
  ),
  changes: z.array(z.object({ what: z.string(), words: z.string() })),
  opinions: z.array(z.object({ opinion: z.string(), right: z.string() })),
  /** to be opened as a job's kit; null while an end has no part */
  kit: KitDraft.nullable(),
})
export type ConvertResponse = z.output<typeof ConvertResponse>
