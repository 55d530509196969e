import { z } from 'zod'
import { OUTCOMES } from './choices'
import { CLOSURE_GROUPS, METERS } from '@/core/logbook'
import { pageLimit } from './paging'

/** What was found when it was looked at again. */
const RECHECK_CURSOR = /^\d{4}-\d{2}-\d{2}_\d{1,9}$/

export const RechecksQuery = z.object({
  limit: pageLimit(),
  cursor: z.string().regex(RECHECK_CURSOR, 'Use the cursor of the page before.').optional(),
  /** false = the answered ones too */
  open: z.enum(['true', 'false']).default('true'),
  /** due up to this day */
  until: z.iso.date('A day as YYYY-MM-DD.').optional(),
  job: z.coerce.number().int().positive().max(4_294_967_295).optional(),
})

export const Recheck = z.object({
  id: z.number().int(),
  jobId: z.number().int(),
  title: z.string(),
  /** name of the machine, else empty */
  where: z.string(),
  dueOn: z.string(),
  what: z.string(),
  doneOn: z.string().nullable(),
  outcome: z.enum(OUTCOMES).nullable(),
  note: z.string(),
  who: z.string(),
})
export type Recheck = z.output<typeof Recheck>

export const RecheckPage = z.object({ items: z.array(Recheck), next: z.string().nullable() })

/** A recheck set by distance, by hours of work or by days. */
export const NewRecheck = z.object({
  amount: z.number('How far, how many hours or days?').positive('More than zero.').max(1_000_000),
  meter: z.enum(METERS),
  /** distance or hours of a day's work; 1 for days */
  perDay: z.number('How much a day?').positive('More than zero.').max(100_000).default(1),
  what: z.string().trim().min(1, 'Say what to look at.').max(200, 'At most 200 characters.'),
  /** counted from this day; the day it was fitted, else today, when left out */
  from: z.iso.date('A day as YYYY-MM-DD.').optional(),
})

export const RecheckAnswer = z.object({
  outcome: z.enum(OUTCOMES),
  note: z.string().trim().max(300, 'At most 300 characters.').default(''),
  who: z.string().trim().max(60, 'At most 60 characters.').default(''),
})

export const LOGBOOK_VIEWS = ['failures', 'service', 'closures', 'cost', 'seats', 'identification'] as const
export type LogbookView = (typeof LOGBOOK_VIEWS)[number]

export const LogbookQuery = z.object({
  /** months back from today */
  months: z.coerce.number('A number of months.').int().min(1).max(600, 'At most 600 months.').default(24),
  machine: z.coerce.number('The number of a machine.').int().positive().max(4_294_967_295).optional(),
})

const counted = z.object({ id: z.string(), label: z.string(), count: z.number() })

export const FailuresResponse = z.object({
  from: z.string(),
  /** what was found, the most frequent first */
  findings: z.array(counted.extend({ jobs: z.number() })),
  /** what the findings point to, each shared out over its causes */
  causes: z.array(counted),
  /** those with most jobs, the most first */
  machines: z.array(
    z.object({
      machineId: z.number().nullable(),
      label: z.string(),
      jobs: z.number(),
      cameBack: z.number(),
    }),
  ),
  /** over all machines, those not told among them */
  all: z.object({ machines: z.number(), jobs: z.number(), cameBack: z.number() }),
  months: z.array(z.object({ month: z.string(), jobs: z.number() })),
})
export type FailuresResponse = z.output<typeof FailuresResponse>

const SurvivalStep = z.object({
  days: z.number(),
  atRisk: z.number(),
  ended: z.number(),
  share: z.number(),
  lower: z.number(),
  upper: z.number(),
})

export const ServiceResponse = z.object({
  from: z.string(),
  groups: z.array(
    z.object({
      id: z.enum([...CLOSURE_GROUPS, 'tapered']),
      label: z.string(),
      fitted: z.number(),
      ended: z.number(),
      /** days after which half were replaced; null while more than half still run */
      medianDays: z.number().nullable(),
      /** longest run counted, still going or not */
      longestDays: z.number(),
      /** empty = nothing was replaced yet */
      steps: z.array(SurvivalStep),
    }),
  ),
})
export type ServiceResponse = z.output<typeof ServiceResponse>

export const ClosuresResponse = z.object({
  from: z.string(),
  pairs: z.array(
    z.object({
      first: z.string(),
      second: z.string(),
      /** replacements counted in each */
      ended: z.number(),
      otherEnded: z.number(),
      /** replacements a day of the first over those of the second; null = too few to say */
      ratio: z.number().nullable(),
      lower: z.number().nullable(),
      upper: z.number().nullable(),
      message: z.string(),
    }),
  ),
})
export type ClosuresResponse = z.output<typeof ClosuresResponse>

export const CostResponse = z.object({
  from: z.string(),
  currency: z.string(),
  /** how many machines there are, those not told among them */
  allMachines: z.number(),
  /** those that cost most, the dearest first */
  machines: z.array(
    z.object({
      machineId: z.number().nullable(),
      label: z.string(),
      jobs: z.number(),
      cost: z.number(),
      /** parts whose price nobody wrote down */
      unpriced: z.number(),
    }),
  ),
})
export type CostResponse = z.output<typeof CostResponse>

const share = z.object({ value: z.number(), lower: z.number(), upper: z.number() }).nullable()

export const IdentificationResponse = z.object({
  from: z.string(),
  /** decisions by identification whose job is closed, or which another part replaced */
  answered: z.number(),
  /** in jobs that are not closed yet */
  open: z.number(),
  /** of what was answered, the share that proved right, with 95 % limits; null = too few to say */
  share,
  /** by how sure it was said to be */
  bands: z.array(
    z.object({
      from: z.number(),
      to: z.number(),
      count: z.number(),
      right: z.number(),
      said: z.number(),
      share,
      message: z.string(),
    }),
  ),
  months: z.array(z.object({ month: z.string(), count: z.number(), right: z.number() })),
})
export type IdentificationResponse = z.output<typeof IdentificationResponse>

export const SeatsTrendResponse = z.object({
  from: z.string(),
  /** more seats were measured than are shown */
  cut: z.boolean(),
  seats: z.array(
    z.object({
      positionId: z.number(),
      label: z.string(),
      measured: z.array(z.object({ jobId: z.number(), on: z.string(), mm: z.number() })),
      /** the limit of its class, mm; null = no class was chosen, or the seat cannot be told from its kit */
      limitMm: z.number().nullable(),
      perYearMm: z.number().nullable(),
      lowerMm: z.number().nullable(),
      upperMm: z.number().nullable(),
      limitOn: z.string().nullable(),
      /** what the line says, or that there is too little for one */
      advice: z.string(),
    }),
  ),
})
export type SeatsTrendResponse = z.output<typeof SeatsTrendResponse>
