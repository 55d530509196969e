import { z } from 'zod'

/** What the owner of a server looks at. */
export const StatusResponse = z.object({
  version: z.string(),
  /** schema changes that were made, the last one */
  schema: z.string(),
  startedAt: z.string(),
  memoryMb: z.number(),
  jobs: z.number().int(),
  databaseMb: z.number(),
  disk: z.object({ freeMb: z.number(), allMb: z.number() }),
  /** the newest copy of everything; null = none was made yet */
  backup: z.object({ name: z.string(), at: z.string(), mb: z.number() }).nullable(),
  /** latest faults of the log, the newest first */
  errors: z.array(z.object({ at: z.string(), message: z.string(), request: z.string() })),
  /** what somebody has to look after; empty = nothing */
  warnings: z.array(z.string()),
})
export type StatusResponse = z.output<typeof StatusResponse>
