import { z } from 'zod'
import { MAX_MARKS } from '@/core/photoMarks'
import { COMPARED_RESULTS, UNIT_FEATURES } from '@/core/compare'
import { AGES, BEARING_ROWS, INSPECTED, SEVERITIES } from '@/core/inspect'
import { FINDINGS } from '@/core/kit'
import { LOADS, ROTATING_RINGS } from '@/core/interchange'
import { someLengths } from './length'

const SIZES = ['bore', 'outside', 'width', 'coneWidth', 'cupWidth', 'totalWidth'] as const
const SIZE_ROLE = {
  bore: 'bore',
  outside: 'outside',
  width: 'width',
  coneWidth: 'width',
  cupWidth: 'width',
  totalWidth: 'width',
} as const satisfies Record<(typeof SIZES)[number], string>
const typed = (max: number) => z.string().max(max, `At most ${max} characters.`)
const features = z.partialRecord(z.enum(UNIT_FEATURES), typed(60)).default({})

const Side = z.object({
  designation: z.string().trim().max(80).default(''),
  measured: someLengths(SIZE_ROLE).prefault({}),
  features,
})

export const CompareRequest = z.object({
  from: Side,
  to: Side,
  application: z
    .object({
      rpm: z.number().positive('A speed is larger than zero.').max(100_000).optional(),
      wet: z.boolean().optional(),
      temperatureC: z.number().min(-80).max(400).optional(),
      load: z.enum(LOADS).optional(),
      rotatingRing: z.enum(ROTATING_RINGS).optional(),
    })
    .default({}),
})
export type CompareRequest = z.input<typeof CompareRequest>

export const CompareResponse = z.object({
  rows: z.array(
    z.object({
      feature: z.string(),
      label: z.string(),
      old: z.string(),
      new: z.string(),
      difference: z.string(),
      result: z.enum(COMPARED_RESULTS),
      meaning: z.string(),
    }),
  ),
  attempts: z.array(z.string()),
  verdict: z.enum(['goes', 'look', 'doesNotGo']),
  message: z.string(),
})
export type CompareResponse = z.output<typeof CompareResponse>

/** A comparison as a job keeps it: as typed, with what came of it. */
export const ComparisonDraft = z.object({
  from: typed(80).default(''),
  to: typed(80).default(''),
  sizesOld: z.partialRecord(z.enum(SIZES), typed(40)).default({}),
  sizesNew: z.partialRecord(z.enum(SIZES), typed(40)).default({}),
  old: features,
  new: features,
  result: z
    .object({ verdict: CompareResponse.shape.verdict, message: z.string().max(600) })
    .nullable()
    .default(null),
})
export type ComparisonDraft = z.output<typeof ComparisonDraft>

const Seen = z.object({
  part: z.enum(INSPECTED),
  damage: z.string().max(40),
  severity: z.enum(SEVERITIES),
  /** hours of the clock it was seen at */
  at: z
    .array(z.number().int().min(1, 'An hour is 1 to 12.').max(12, 'An hour is 1 to 12.'))
    .max(12, 'At most 12 hours.')
    .optional(),
  /** of a double row bearing */
  row: z.enum(BEARING_ROWS).optional(),
})

export const InspectRequest = z.object({
  seen: z.array(Seen).max(60, 'At most 60 findings.'),
  /** what was heard and how it is used, in the words of the intake */
  tags: z.array(typed(40)).max(40).default([]),
  age: z.enum(AGES).optional(),
  /** cone and cup, which are renewed together */
  separable: z.boolean().optional(),
  /** what tells it otherwise: the arrangement, or the part that was decided */
  arrangement: typed(12).optional(),
  designation: typed(80).optional(),
})

export const InspectResponse = z.object({
  /** parts that this arrangement has, in the order they are looked at */
  inspected: z.array(z.enum(INSPECTED)),
  /** damage that what is held like this can have */
  damage: z.array(z.string()),
  /** two rows of balls or rollers: a finding may name one */
  doubleRow: z.boolean(),
  parts: z.array(
    z.object({
      part: z.enum(INSPECTED),
      verdict: z.enum(['good', 'doubtful', 'replace']),
      findings: z.array(z.string()),
    }),
  ),
  replaceWith: z.array(z.string()),
  checkNext: z.array(z.string()),
  run: z.enum(['yes', 'watch', 'notUntilRepaired']),
  causes: z.array(
    z.object({
      id: z.string(),
      label: z.string(),
      remedy: z.string(),
      share: z.number(),
      because: z.array(z.string()),
    }),
  ),
  kit: z.array(z.enum(FINDINGS)),
})
export type InspectResponse = z.output<typeof InspectResponse>

export const InspectionDraft = z.object({
  seen: z.array(Seen).max(60).default([]),
  /** looked at and found without damage */
  good: z.array(z.enum(INSPECTED)).max(INSPECTED.length).default([]),
  age: z.enum(AGES).optional(),
  note: typed(2000).default(''),
})
export type InspectionDraft = z.output<typeof InspectionDraft>

/** What is pointed at on a photograph: fractions of its width and height, from its upper left corner. */
export const PhotoMark = z.object({
  x: z.number().min(0).max(1),
  y: z.number().min(0).max(1),
  text: typed(80),
})
export type PhotoMark = z.output<typeof PhotoMark>

const marks = z.array(PhotoMark).max(MAX_MARKS, `At most ${MAX_MARKS} marks on a photograph.`)

/** Other marks in place of those that were there. */
export const PhotoChange = z.object({ was: marks, marks })

export const PhotoAnswer = z.object({
  id: z.number().int(),
  about: z.string(),
  name: z.string(),
  width: z.number(),
  height: z.number(),
  marks: z.array(PhotoMark),
  at: z.string(),
})
export type PhotoAnswer = z.output<typeof PhotoAnswer>
