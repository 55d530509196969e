import { z } from 'zod'
import { STAGES, WAITS } from './choices'
import { Recheck } from './logbook'

/** What a job waits for. */
/** All that asks for something today. */
export const BenchResponse = z.object({
  openJobs: z.number().int(),
  jobs: z.array(
    z.object({
      id: z.number().int(),
      title: z.string(),
      where: z.string(),
      parts: z.array(z.string()),
      waits: z.enum(WAITS),
      /** what is to be done next */
      next: z.string(),
      /** where it is done */
      stage: z.enum(STAGES),
    }),
  ),
  /** due up to a week from today, the earliest first */
  rechecks: z.array(Recheck.extend({ overdue: z.boolean() })),
  moreRechecks: z.number().int(),
  short: z.object({
    items: z.array(z.object({ designation: z.string(), free: z.number(), minimum: z.number() })),
    all: z.number().int(),
  }),
  season: z.object({
    jobs: z.number().int(),
    cameBack: z.number().int(),
    /** the machine with most jobs */
    most: z.object({ label: z.string(), jobs: z.number() }).nullable(),
    causes: z.array(z.object({ id: z.string(), label: z.string(), count: z.number() })),
  }),
  fitted: z.array(
    z.object({
      machineId: z.number().int(),
      where: z.string(),
      fitted: z.string(),
      on: z.string(),
    }),
  ),
})
export type BenchResponse = z.output<typeof BenchResponse>
