import { z } from 'zod'
import { FAMILIES, type Family } from '@/core/catalogue'
import { CLEARANCE_GROUPS, MATERIAL_NAMES } from '@/core/fit'
import { lengthMm } from './length'

const families = Object.keys(FAMILIES) as [Family, ...Family[]]
const limits = z.object({ lower: z.number(), upper: z.number() })
const positive = (what: string) => z.number(`${what} is a figure.`).positive(`${what} is larger than zero.`)

export const FitRequest = z.object({
  ring: z.enum(['inner', 'outer']),
  class: z.string().trim().min(2, 'Such as k5 or N7.').max(5),
  bore: lengthMm,
  outside: lengthMm,
  width: lengthMm,
  clearanceClass: z.enum(CLEARANCE_GROUPS).optional(),
  family: z.enum(families).optional(),
  sealed: z.boolean().optional(),
  /** values in mm, or as people type them */
  readings: z
    .array(
      z.object({
        at: z.union([z.string().max(20), z.number()]).transform(String),
        depth: z
          .union([z.string().max(20), z.number()])
          .transform(String)
          .optional(),
        value: lengthMm,
      }),
    )
    .max(64, 'At most 64 readings.')
    .optional(),
  /** true = hollow to half its diameter; a length = its bore */
  hollow: z.union([z.boolean(), lengthMm]).optional(),
  hubOutside: lengthMm.optional(),
  materials: z
    .object({ shaft: z.enum(MATERIAL_NAMES).optional(), housing: z.enum(MATERIAL_NAMES).optional() })
    .optional(),
})

export const FitResponse = z.object({
  limits,
  bearing: limits,
  interference: z.object({ min: z.number(), mean: z.number(), max: z.number() }),
  clearanceLeft: z.object({ min: z.number(), max: z.number() }).nullable(),
  heat: z.object({ deltaC: z.number(), celsius: z.number(), advice: z.string() }),
  pressForceKn: z.object({ min: z.number(), max: z.number() }),
  seat: z
    .object({
      outOfRound: z.number(),
      taper: z.number(),
      mean: z.number(),
      verdict: z.enum(['good', 'doubtful', 'replace']),
      why: z.string(),
    })
    .optional(),
  advice: z.array(z.string()),
})
export type FitResponse = z.output<typeof FitResponse>

export const EndPlayRequest = z
  .object({
    threadsPerInch: positive('Threads an inch').max(200).optional(),
    pitchMm: positive('A pitch').max(50).optional(),
    degrees: z.number('The turn is a figure.').min(0, 'Zero or more.').max(3600),
    slots: z.number('Slots are a figure.').int('Whole slots.').min(1, 'At least one slot.').max(60),
    crossHoles: z.number().int('Whole holes.').min(1, 'At least one hole.').max(12).default(1),
    target: z
      .object({ min: z.number().min(0, 'Zero or more.').max(10), max: positive('The largest play').max(10) })
      .refine((t) => t.min < t.max, { message: 'The least play is smaller than the largest.' })
      .optional(),
  })
  .refine((q) => (q.pitchMm === undefined) !== (q.threadsPerInch === undefined), {
    path: ['pitchMm'],
    message: 'Give the pitch in mm or the threads an inch, one of them.',
  })

export const EndPlayResponse = z.object({
  axialMm: z.number(),
  slotStepDegrees: z.number(),
  slotStepMm: z.number(),
  slotsForTarget: z.number().nullable(),
  advice: z.array(z.string()),
})
export type EndPlayResponse = z.output<typeof EndPlayResponse>
