import { z } from 'zod'
import { FILL_PRACTICES, GREASINGS, THICKENERS } from '@/core/grease'
import { CONTACT_ANGLES, RUNNINGS } from '@/core/life'
import { readStackOf } from '@/core/quantity'
import { AXLE_MEASURES, AXLE_ROLES, CLAMP_ROLES, DEPTH_ROLES, PAIR_ROLES } from '@/core/spacing'
import { lengthGroup, lengthMm, maybeLength, readFields, typedLength } from './length'

const figure = (what: string, max: number) =>
  z
    .number(`${what} is a figure.`)
    .positive(`${what} is larger than zero.`)
    .max(max, `${what} is at most ${max}.`)
const off = z.number('A deviation is a figure.').min(0, 'Zero or more.').max(50, 'At most 50 mm.')

export const SpacingRequest = z.object({
  pair: z
    .object({
      shoulders: typedLength,
      spacer: typedLength,
      shouldersOff: off.default(0.05),
      spacerOff: off.default(0.05),
      /** what the bearings take up, mm */
      play: off.optional(),
    })
    .transform((pair, context) => readFields(pair, PAIR_ROLES, context))
    .optional(),
  stack: z
    .array(
      z.object({
        label: z.string().max(60).default(''),
        sign: z.union([z.literal(1), z.literal(-1)]),
        length: typedLength,
        plus: off.default(0),
        minus: off.default(0),
      }),
    )
    .max(20, 'At most 20 lengths.')
    .transform((lines, context) => {
      const readings = readStackOf(
        lines.map(({ length }) => (typeof length === 'number' ? `${length} mm` : length)),
      )
      return lines.map((line, i) => {
        const reading = readings[i]
        if (reading?.ok) return { ...line, length: reading.mm }
        context.addIssue({ code: 'custom', path: [i, 'length'], message: reading?.message ?? 'No length.' })
        return z.NEVER
      })
    })
    .optional(),
  axle: z
    .object({
      left: typedLength,
      right: typedLength,
      /** what was measured: how far the axle stands out, or the gap beside the wheel */
      measure: z.enum(AXLE_MEASURES).default('gap'),
      /** of the thread that moves it */
      pitchMm: z.number().positive('A pitch is larger than zero.').max(20).optional(),
    })
    .transform((axle, context) => readFields(axle, AXLE_ROLES, context))
    .optional(),
  /** a spacer tube under the nut: how much play a torque takes */
  clamp: z
    .object({
      tubeBore: typedLength,
      tubeOutside: typedLength,
      length: typedLength,
      /** thread of the axle, mm */
      threadMm: z.number().positive('A thread is larger than zero.').max(200),
      /** play before clamping, mm */
      playMm: z.number().min(-5).max(5),
    })
    .transform((clamp, context) => readFields(clamp, CLAMP_ROLES, context))
    .refine(({ tubeBore, tubeOutside }) => tubeBore < tubeOutside, {
      path: ['tubeOutside'],
      message: 'The tube is larger outside than inside. Check both.',
    })
    .optional(),
  depths: z
    .array(
      z
        .object({ what: z.string().max(60), before: typedLength, after: maybeLength })
        .transform((depth, context) => readFields(depth, DEPTH_ROLES, context)),
    )
    .max(20)
    .optional(),
})

const limits = z.object({ min: z.number(), max: z.number() })
const stack = z.object({ nominalMm: z.number(), worst: limits, statistical: limits })

export const SpacingResponse = z.object({
  pair: stack
    .extend({ verdict: z.enum(['good', 'sideLoad', 'loose', 'doubtful']), message: z.string() })
    .nullable(),
  stack: stack.nullable(),
  axle: z
    .object({
      shiftMm: z.number(),
      toward: z.enum(['left', 'right']).nullable(),
      /** each side afterwards, mm */
      mustReadMm: z.number(),
      turns: z.number().nullable(),
    })
    .nullable(),
  clamp: z
    .object({
      mmPerKn: z.number(),
      goneAtNm: z.object({ oiled: z.number(), dry: z.number() }).nullable(),
      curve: z.array(z.object({ torqueNm: z.number(), oiledMm: z.number(), dryMm: z.number() })),
    })
    .nullable(),
  depths: z.array(
    z.object({
      what: z.string(),
      beforeMm: z.number(),
      afterMm: z.number().optional(),
      result: z.enum(['pass', 'warn', 'gap']),
      message: z.string(),
    }),
  ),
})
export type SpacingResponse = z.output<typeof SpacingResponse>

export const GreaseRequest = z.object({
  bearings: z.array(z.string().trim().min(1).max(80)).min(1, 'Name at least one bearing.').max(12),
  cavity: lengthGroup({ length: 'length', inner: 'bore', outer: 'outside' }).optional(),
  /** journals under seal lips */
  lips: z.array(lengthMm).max(12).default([]),
  rpm: figure('A speed', 100_000).optional(),
  wheel: z.object({ kmh: figure('A road speed', 400), tyre: lengthMm }).optional(),
  practice: z.enum(FILL_PRACTICES).optional(),
  celsius: z.number().min(-60).max(250).optional(),
  washed: z.boolean().optional(),
  dusty: z.boolean().optional(),
  upright: z.boolean().optional(),
  thickeners: z.object({ old: z.enum(THICKENERS), new: z.enum(THICKENERS) }).optional(),
})

const amount = z.object({ ml: z.number(), grams: z.number() })
export const GreaseResponse = z.object({
  rpm: z.number().nullable(),
  /** n · dm, mm/min */
  factor: z.number().nullable(),
  practice: z.enum(FILL_PRACTICES),
  practiceText: z.string(),
  when: z.string(),
  /** an amount of what is packed by hand alone */
  bearings: z.array(
    amount.extend({
      designation: z.string(),
      freeMl: z.number(),
      sealed: z.boolean(),
      greasing: z.enum(GREASINGS),
    }),
  ),
  cavity: amount.nullable(),
  lips: amount.nullable(),
  total: amount,
  /** strokes of the shop's own gun for all of it; null = the gun was never weighed */
  strokes: z.number().nullable(),
  /** shares of the free volume that are filled, 0 to 1 */
  fill: z.object({ bearing: z.number(), cavity: z.number() }),
  relubrication: z
    .object({ grams: z.number(), hours: z.number().nullable(), message: z.string() })
    .nullable(),
  mixing: z
    .object({ result: z.enum(['same', 'mixes', 'doubtful', 'clash']), message: z.string() })
    .nullable(),
})
export type GreaseResponse = z.output<typeof GreaseResponse>

export const LifeRequest = z.object({
  designation: z.string().trim().min(1, 'Name the bearing.').max(80),
  /** ratings of the maker, kN; else a typical handbook value */
  cKn: figure('A rating', 50_000).optional(),
  c0Kn: figure('A rating', 50_000).optional(),
  /** counted and measured balls of a bearing of one row: gives the ratings by ISO 281 */
  balls: z
    .object({ count: z.number().int('Whole balls.').min(3).max(100), mm: lengthMm, circle: lengthMm })
    .optional(),
  rpm: figure('A speed', 100_000),
  radialKn: z.number().min(0, 'Zero or more.').max(50_000).optional(),
  axialKn: z.number().min(0, 'Zero or more.').max(50_000).optional(),
  wantedHours: figure('A life', 1_000_000).default(10_000),
  reliability: z
    .union([z.literal(90), z.literal(95), z.literal(96), z.literal(97), z.literal(98), z.literal(99)])
    .default(90),
  /** contact angle of an angular contact bearing whose number does not tell it */
  contactAngle: z.literal(CONTACT_ANGLES, `One of ${CONTACT_ANGLES.join(', ')} degrees.`).optional(),
  /** limit of Fa/Fr from the maker's sheet */
  e: figure('A limit', 3).optional(),
  running: z.enum(RUNNINGS).default('normal'),
})
export const LifeResponse = z.object({
  rating: z.object({ cKn: z.number(), c0Kn: z.number(), from: z.string() }),
  equivalentKn: z.number().nullable(),
  counted: z.object({ e: z.number(), x: z.number(), y: z.number() }).nullable(),
  inducedKn: z.number().nullable(),
  hours: z.number().nullable(),
  millionTurns: z.number().nullable(),
  staticSafety: z.number().nullable(),
  leastSafety: z.number(),
  /** turns a minute it bears with grease, a guide; null where no table is here */
  speedLimit: z.number().nullable(),
  loadForWantedKn: z.number(),
  remarks: z.array(z.string()),
})
export type LifeResponse = z.output<typeof LifeResponse>
