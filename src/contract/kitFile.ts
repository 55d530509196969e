import { z } from 'zod'
import { KitDraft, KitResponse } from './kit'

export const KIT_FILE_FORMAT = 'amber-socket-kit'

/**
 * A kit as a file: what was asked for, so that it can be read back in and worked out anew, and the lines as they stood, so
 * that it can be read without us. Version 1; a later version keeps reading it.
 */
export const KitFile = z.object({
  format: z.literal(KIT_FILE_FORMAT),
  version: z.literal(1),
  /** ISO 8601 */
  written: z.string(),
  job: z.object({ id: z.number().int(), title: z.string().max(200), place: z.string().max(400) }),
  kit: KitDraft,
  complete: z.boolean(),
  lines: KitResponse.shape.lines,
})
export type KitFile = z.output<typeof KitFile>

/** The part of a kit file that is read back in. */
export const KitFileIn = KitFile.pick({ format: true, version: true, kit: true })
