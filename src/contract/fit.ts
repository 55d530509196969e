import { z } from 'zod'
import { FAMILIES, type Family } from '@/core/catalogue'
import { NUT_LOCKS } from '@/core/adjust'
import { CLEARANCE_GROUPS, MATERIAL_NAMES, RING_CLASSES, SEAT_KINDS } from '@/core/fit'
import { LOADS, ROTATING_RINGS } from '@/core/interchange'
import { INSTRUMENTS, lengthBeside, type FormRole } from '@/core/quantity'
import { lengthMm, maybeLength, readFields, typedLength } from './length'

const families = Object.keys(FAMILIES) as [Family, ...Family[]]
const limits = z.object({ lower: z.number(), upper: z.number() })
const positive = (what: string) => z.number(`${what} is a figure.`).positive(`${what} is larger than zero.`)

export const FitRequest = z
  .object({
    ring: z.enum(['inner', 'outer']),
    class: z.string().trim().min(2, 'Such as k5 or N7.').max(5),
    bore: typedLength,
    outside: typedLength,
    width: typedLength,
    clearanceClass: z.enum(CLEARANCE_GROUPS).optional(),
    family: z.enum(families).optional(),
    /** how it sits, where the family alone does not tell it */
    kind: z.enum(SEAT_KINDS).optional(),
    /** the shaft under an adapter sleeve, mm */
    shaftMm: positive('A shaft').max(5000).optional(),
    sealed: z.boolean().optional(),
    /** what the readings were taken with; a micrometer unless said */
    instrument: z.enum(INSTRUMENTS).optional(),
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
    hollow: z.union([z.boolean(), typedLength]).optional(),
    hubOutside: maybeLength,
    materials: z
      .object({ shaft: z.enum(MATERIAL_NAMES).optional(), housing: z.enum(MATERIAL_NAMES).optional() })
      .optional(),
    /** tolerance class of the rings */
    precision: z.enum(RING_CLASSES).optional(),
    wheel: z.boolean().optional(),
    /** slipped in by thumb, never pressed */
    byThumb: z.boolean().optional(),
    /** which ring turns against its load, and how much it carries: gives the usual class */
    use: z
      .object({
        rotatingRing: z.enum(ROTATING_RINGS),
        load: z.enum(LOADS).default('normal'),
        /** slipped in by thumb, never pressed */
        byThumb: z.boolean().optional(),
      })
      .optional(),
    /** class of the other ring and how much hotter the inner one runs: gives the clearance new, mounted and warm */
    otherClass: z.string().trim().max(5).optional(),
    innerHotterK: z.number().min(-150, 'At least −150 K.').max(150, 'At most 150 K.').optional(),
  })
  .transform((values, context) => {
    const read = readFields(values, { bore: 'bore', outside: 'outside', width: 'width' }, context)
    const { hollow, hubOutside } = values
    const beside = (
      path: string,
      value: string | number,
      role: FormRole,
      known: { mm: number; role: FormRole },
    ) => {
      const mm = typeof value === 'number' ? value : lengthBeside(value, role, known)
      if (mm !== null) return mm
      context.addIssue({ code: 'custom', path: [path], message: 'No length. Write 20, 20 mm or 3/4.' })
      return z.NEVER
    }
    return {
      ...read,
      hollow:
        hollow === undefined || typeof hollow === 'boolean'
          ? hollow
          : beside('hollow', hollow, 'bore', { mm: read.bore, role: 'outside' }),
      hubOutside:
        hubOutside === undefined
          ? undefined
          : beside('hubOutside', hubOutside, 'outside', { mm: read.outside, role: 'bore' }),
    }
  })
export type FitRequest = z.input<typeof FitRequest>

/** Usual class of a seat, and the clearance group that goes with it. */
export const UsualSeat = z.object({
  class: z.string(),
  why: z.string(),
  /** null where no table of this kind is here */
  clearance: z.enum(CLEARANCE_GROUPS).nullable(),
  /** share of assemblies left without clearance, 0 to 1 */
  without: z.number().nullable(),
})

const span = z.object({ min: z.number(), max: z.number() })

export const FitResponse = z.object({
  limits,
  bearing: limits,
  /** no ring: the rolling elements run on the seat itself */
  raceway: z.boolean(),
  interference: z.object({ min: z.number(), mean: z.number(), max: z.number() }),
  clearanceLeft: z.object({ min: z.number(), max: z.number() }).nullable(),
  heat: z.object({
    deltaC: z.number(),
    celsius: z.number(),
    /** whether heat alone does it: otherwise it is pressed */
    byHeat: z.boolean(),
    advice: z.string(),
  }),
  pressForceKn: z.object({ min: z.number(), max: z.number() }),
  seat: z
    .object({
      outOfRound: z.number(),
      taper: z.number(),
      mean: z.number(),
      worn: z.number(),
      loosest: z.number(),
      verdict: z.enum(['good', 'doubtful', 'replace']),
      why: z.string(),
    })
    .optional(),
  repair: z.array(z.object({ way: z.string(), when: z.string(), advised: z.boolean() })),
  /** null where nothing is pressed */
  tools: z
    .object({
      sleeve: z.object({ insideMm: z.number(), outsideMm: z.number() }),
      rod: z.object({ thread: z.string(), overMm: z.number() }).nullable(),
    })
    .nullable(),
  recommended: UsualSeat.nullable(),
  stages: z
    .object({
      fresh: span,
      mounted: span,
      warm: span,
      /** what the nut takes away on a taper; null where nothing is drawn up */
      drawnUp: span.nullable(),
    })
    .nullable(),
  advice: z.array(z.string()),
})
export type FitResponse = z.output<typeof FitResponse>

export const EndPlayRequest = z
  .object({
    threadsPerInch: positive('Threads an inch').max(200).optional(),
    pitchMm: positive('A pitch').max(50).optional(),
    degrees: z.number('The turn is a figure.').min(0, 'Zero or more.').max(3600),
    /** how it is held: slots of the nut, slots of a sheet retainer over it, or a clamp screw */
    lock: z.enum(NUT_LOCKS).default('slots'),
    slots: z
      .number('Slots are a figure.')
      .int('Whole slots.')
      .min(1, 'At least one slot.')
      .max(60)
      .default(6),
    crossHoles: z.number().int('Whole holes.').min(1, 'At least one hole.').max(12).default(1),
    /** places in which a retainer fits over the nut */
    retainerPlaces: z.number().int('Whole places.').min(1, 'At least one place.').max(36).optional(),
    target: z
      .object({ min: z.number().min(0, 'Zero or more.').max(10), max: positive('The largest play').max(10) })
      .refine((t) => t.min < t.max, { message: 'The least play is smaller than the largest.' })
      .optional(),
    /** how far back from no play the first slot lies, for the curve */
    offsetDegrees: z.number().min(0, 'Zero or more.').max(360).default(0),
  })
  .refine((q) => (q.pitchMm === undefined) !== (q.threadsPerInch === undefined), {
    path: ['pitchMm'],
    message: 'Give the pitch in mm or the threads an inch, one of them.',
  })

export const EndPlayResponse = z.object({
  axialMm: z.number(),
  /** null = stepless */
  slotStepDegrees: z.number().nullable(),
  slotStepMm: z.number().nullable(),
  slotsForTarget: z.number().nullable(),
  /** back from no play, degrees */
  turnForTarget: span,
  curve: z.array(z.object({ degrees: z.number(), playMm: z.number(), slot: z.boolean() })),
  advice: z.array(z.string()),
})
export type EndPlayResponse = z.output<typeof EndPlayResponse>
