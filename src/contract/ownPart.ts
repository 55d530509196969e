import { z } from 'zod'
import { MAX_STAMP } from '@/core/designation'
import { StampText } from './evidence'

const mm = z.number().positive('A size is more than zero.').max(3000, 'At most 3000 mm.').optional()

/** A part that no list holds, to be kept as one of the shop's own: millimetres. */
export const OwnPartRequest = z.object({
  designation: z
    .string()
    .trim()
    .min(1, 'Give the part a name: its stamp, or the machine and place.')
    .max(MAX_STAMP, `At most ${MAX_STAMP} characters.`)
    .pipe(StampText),
  bore: mm,
  outside: mm,
  width: mm,
})

export const OwnPartResponse = z.object({
  designation: z.string(),
  list: z.string(),
  /** false: the shop held it already */
  added: z.boolean(),
})
export type OwnPartResponse = z.output<typeof OwnPartResponse>
