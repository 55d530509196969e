import { z } from 'zod'
import { NUT_LOCKS } from '@/core/adjust'
import { CLEARANCE_GROUPS, MATERIAL_NAMES, RING_CLASSES, SEAT_KINDS } from '@/core/fit'
import { FAMILY_NAMES } from '@/core/catalogue'
import { LOADS } from '@/core/interchange'
import { INSTRUMENTS } from '@/core/quantity'
import { UsualSeat } from './fit'
import { BODIES, HUB_ATTACHMENTS, PLAN_SECTIONS, TOOL_KINDS } from '@/core/procedure'

const typed = (max: number) => z.string().max(max, `At most ${max} characters.`)

/** What was typed on the fit, setting and plan screens of a job, as it was typed. */
/** Most rows of torques on one job card. */
const MAX_TORQUES = 40

export const FittingDraft = z.object({
  /** `slot:ring` → how that seat is wanted and what was measured */
  seats: z
    .record(
      z.string().max(60),
      z.object({
        class: typed(5).optional(),
        readings: typed(2000).optional(),
        /** as older jobs kept it, seat by seat; now it stands under `materials` */
        material: z.enum(MATERIAL_NAMES).optional(),
        clearance: z.enum(CLEARANCE_GROUPS).optional(),
        instrument: z.enum(INSTRUMENTS).optional(),
        /** bore of a hollow shaft, or outside of a thin hub */
        wall: typed(40).optional(),
      }),
    )
    .default({}),
  load: z.enum(LOADS).default('normal'),
  /** what the shaft, the hub and a carrier are made of: asked once for each */
  materials: z.partialRecord(z.enum(BODIES), z.enum(MATERIAL_NAMES)).default({}),
  firstSide: z.enum(['', 'left', 'right', 'inner', 'outer']).default(''),
  /** what is on or in the hub that heat would spoil; null = nobody has said */
  hubHas: z.array(z.enum(HUB_ATTACHMENTS)).max(HUB_ATTACHMENTS.length).nullable().default(null),
  depths: z
    .array(z.object({ what: typed(60), before: typed(40), after: typed(40).default('') }))
    .max(20)
    .default([]),
  /** fields of the spacing, adjustment, grease and life panes, by pane and name */
  fields: z.record(z.string().max(40), typed(600)).default({}),
  /** fastener → what the manual says; `words` name a fastener that no place of the kit holds */
  torques: z
    .record(
      z.string().max(60),
      z.object({
        value: typed(30).default(''),
        page: typed(40).default(''),
        label: typed(60).optional(),
      }),
    )
    .refine((rows) => Object.keys(rows).length <= MAX_TORQUES, `At most ${MAX_TORQUES} torques on one card.`)
    .default({}),
  /** step → who did it and when */
  done: z.record(z.string().max(80), z.object({ who: typed(12), at: typed(30) })).default({}),
  fittedOn: typed(10).default(''),
  signed: z
    .object({
      who: typed(40).min(1, 'Initials or a name.'),
      at: typed(30),
      /** why it was signed although something was open */
      why: typed(300).optional(),
    })
    .nullable()
    .default(null),
})
export type FittingDraft = z.output<typeof FittingDraft>

const note = z.object({ about: z.string(), mine: z.string(), others: z.array(z.string()) })

export const PlanResponse = z.object({
  arrangement: z.string(),
  sections: z.array(
    z.object({
      id: z.enum(PLAN_SECTIONS),
      label: z.string(),
      steps: z.array(
        z.object({
          id: z.string(),
          /** what is done, by its code, with the names, figures and choices its text is written from */
          code: z.string(),
          data: z.record(z.string(), z.unknown()),
          text: z.string(),
          caution: z.string().optional(),
          tool: z.string().optional(),
          practice: note.optional(),
          stop: z.boolean().optional(),
          /** it takes its part off, or puts it in */
          moves: z.enum(['off', 'on']).optional(),
          /** the place of the kit it is about */
          place: z.string().optional(),
          /** places that would be in the way, were they in already */
          blockedBy: z.array(z.string()).optional(),
        }),
      ),
    }),
  ),
  torques: z.array(
    z.object({
      id: z.string(),
      label: z.string(),
      /** named on the job: no place of the kit holds it */
      free: z.boolean(),
      /** from the manual, in both units; empty = not written down yet */
      value: z.string(),
      page: z.string(),
      /** what to change where the typed value cannot be read */
      problem: z.string(),
    }),
  ),
  alwaysNew: z.array(z.string()),
  tools: z.array(
    z.object({
      kind: z.enum(TOOL_KINDS),
      label: z.string(),
      own: z.string().nullable(),
      improvise: z.string(),
    }),
  ),
  rechecks: z.array(z.object({ date: z.string(), text: z.string() })),
  open: z.array(z.string()),
  /** of that, seats that are lost */
  lost: z.array(z.string()),
  /** a ring may be heated in: what is on its hub matters */
  heats: z.boolean(),
  run: z.enum(['yes', 'watch', 'notUntilRepaired']),
})
export type PlanResponse = z.output<typeof PlanResponse>

export const SeatsResponse = z.object({
  seats: z.array(
    z.object({
      /** `slot:ring` */
      id: z.string(),
      slot: z.string(),
      label: z.string(),
      ring: z.enum(['inner', 'outer']),
      designation: z.string(),
      family: z.enum(FAMILY_NAMES),
      kind: z.enum(SEAT_KINDS),
      /** what the ring sits on or in */
      body: z.enum(BODIES),
      /** null = nobody has said */
      material: z.enum(MATERIAL_NAMES).nullable(),
      /** the shaft under an adapter sleeve, mm */
      shaftMm: z.number().optional(),
      bore: z.number(),
      outside: z.number(),
      width: z.number(),
      sealed: z.boolean(),
      clearance: z.enum(CLEARANCE_GROUPS),
      precision: z.enum(RING_CLASSES),
      rotatingRing: z.enum(['inner', 'outer']),
      /** slipped in by thumb, never pressed */
      byThumb: z.boolean(),
      recommended: UsualSeat,
    }),
  ),
  /** whether a place of the arrangement holds rings that sit in seats; a unit that is bolted on has none */
  hasSeats: z.boolean(),
  /** bearings of one position, whole, by their numbers */
  bearings: z.array(z.string()),
  /** what is usual for the nut that sets this arrangement */
  setting: z.object({
    lock: z.enum(NUT_LOCKS),
    play: z.object({ min: z.number(), max: z.number() }),
  }),
})
export type SeatsResponse = z.output<typeof SeatsResponse>

const size = z
  .number('Type a size in mm, or with its unit, such as 3/4 in.')
  .min(0, 'Zero or more.')
  .max(5000, 'At most 5000.')
export const Toolbox = z.object({
  tools: z
    .array(
      z
        .object({
          kind: z.enum(TOOL_KINDS),
          label: z.string().trim().min(1, 'Name the tool.').max(60),
          from: size.optional(),
          to: size.optional(),
          /** of a sleeve, socket or ring */
          insideMm: size.optional(),
          outsideMm: size.optional(),
          depthMm: size.optional(),
        })
        .refine(({ insideMm, outsideMm }) => (insideMm ?? 0) < (outsideMm ?? Infinity), {
          path: ['outsideMm'],
          message: 'A tool is larger outside than inside. Check both.',
        })
        .refine((t) => t.from === undefined || t.to === undefined || t.from <= t.to, {
          path: ['to'],
          message: 'The smallest size is not above the largest.',
        }),
    )
    .max(300, 'At most 300 tools.')
    .default([]),
})
export type Toolbox = z.output<typeof Toolbox>
/** Tools to keep, changed over those that stood when they were opened; without these they replace whatever stands. */
export const ToolboxChange = Toolbox.extend({ over: Toolbox.optional() })
