import { z } from 'zod'
import { CARRIES, CONVERSIONS, SEAT_MATCHES } from '@/core/convert'
import { KitDraft } from './kit'
import { lengthGroup, lengthMm } from './length'

const kn = z.number('A load is a figure.').min(0, 'Zero or more.').max(5000, 'At most 5000 kN.')

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
  /** what one end carries; without it a part is held against what sits in the seat now */
  load: z
    .object({
      radialKn: kn,
      axialKn: kn.default(0),
      rpm: z.number('A speed is a figure.').positive('A speed is larger than zero.').max(100_000),
      wantedHours: z.number().positive('A life is larger than zero.').max(1_000_000).default(5000),
    })
    .refine(({ radialKn, axialKn }) => radialKn + axialKn > 0, { message: 'Give a load, or none at all.' })
    .optional(),
  /** whether the inner rings are clamped over a spacer; else the wheel is held by a washer and a ring */
  clamped: z.boolean().optional(),
  /** the bolt that holds it: what it clamps now, its thread, and how deep the thread is, mm */
  fastener: z
    .object({
      clampedMm: z.number().positive('What is clamped is larger than zero.').max(2000),
      threadMm: z.number().positive('A thread is larger than zero.').max(200),
      depthMm: z.number().positive('A depth is larger than zero.').max(500),
    })
    .optional(),
  positions: z.number().int('Whole wheels only.').min(1).max(500).default(1),
})

const match = z.enum(SEAT_MATCHES)
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
          shaftOffUm: z.number(),
          housingOffUm: z.number(),
          widthChangeMm: z.number(),
          ratingKn: z.number(),
          carries: z.enum(CARRIES),
          /** may be chosen unasked */
          sensible: z.boolean(),
          message: z.string(),
        }),
      ),
      /** null = nothing sensible, or nothing at all */
      chosen: z.string().nullable(),
    }),
  ),
  changes: z.array(z.object({ what: z.string(), message: z.string() })),
  /** swapping the whole assembly instead */
  assembly: z.object({
    parts: z.array(z.string()),
    mustMatch: z.array(z.string()),
    lost: z.array(z.string()),
  }),
  opinions: z.array(z.object({ opinion: z.string(), right: z.string() })),
  /** to be opened as a job's kit; null while an end has no part */
  kit: KitDraft.nullable(),
})
export type ConvertResponse = z.output<typeof ConvertResponse>
