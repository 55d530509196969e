import { z } from 'zod'
import { ARRIVED, HEARD, STAGES, USE } from './choices'
import { idCursor, pageLimit } from './paging'
import { EvidenceSheet } from './evidence'
import { ComparisonDraft, InspectionDraft } from './judgement'
import { KitDraft } from './kit'
import { FittingDraft } from './plan'

const line = (max: number) => z.string().trim().max(max, `At most ${max} characters.`)

export const Intake = z.object({
  position: line(120).default(''),
  side: line(40).default(''),
  heard: z.array(z.enum(HEARD)).default([]),
  use: z.array(z.enum(USE)).default([]),
  arrived: z.array(z.enum(ARRIVED)).default([]),
  note: z.string().max(4000, 'At most 4000 characters.').default(''),
})
export type Intake = z.output<typeof Intake>

/** Whether water gets at the bearings in use: they are looked at again sooner. */
export const isWet = ({ use }: Pick<Intake, 'use'>): boolean =>
  use.includes('washed') || use.includes('submerged')

/** What was decided: which part, how sure, and from which evidence. */
export const Decision = z.object({
  designation: z.string().min(1).max(80),
  base: z.string().min(1).max(80),
  probability: z.number().min(0).max(1).nullable(),
})
export type Decision = z.output<typeof Decision>

const title = line(160).min(1, 'Give the job a title, such as the machine and position.')
const reference = z.number().int().positive().nullable()

const who = line(60)
const bearingName = line(60)
const slotName = line(40)

/** One bearing of a job to begin with. */
export const NewBearing = z.object({
  /** such as inner, outer, left, right */
  name: bearingName.default(''),
  /** the place of the kit it fills; found by its name when left out */
  slot: slotName.default(''),
  evidence: EvidenceSheet.prefault({}),
  decision: Decision.nullable().default(null),
})

export const NewJob = z.object({
  title,
  machineId: reference.default(null),
  positionId: reference.default(null),
  intake: Intake.prefault({}),
  evidence: EvidenceSheet.prefault({}),
  /** further bearings beside the first */
  bearings: z.array(NewBearing).max(12, 'At most 12 bearings in one job.').default([]),
  /** take intake, bearings and kit from this job, such as for the other wheel */
  copyOf: z.number().int().positive().optional(),
  /** a further position of this job: its own bearings, kit, plan and record beside the others */
  partOf: z.number().int().positive().optional(),
})

/** What changes on one bearing; absent = unchanged. */
const BearingChange = z.object({
  name: bearingName.optional(),
  slot: slotName.optional(),
  evidence: EvidenceSheet.optional(),
  decision: Decision.nullable().optional(),
  comparison: ComparisonDraft.nullable().optional(),
  inspection: InspectionDraft.nullable().optional(),
})

export const JobChange = BearingChange.omit({ name: true, slot: true }).extend({
  version: z.number().int().positive(),
  title: title.optional(),
  machineId: reference.optional(),
  positionId: reference.optional(),
  stage: z.enum(STAGES).optional(),
  intake: Intake.optional(),
  /** by the number of the bearing; what stands beside it is of the first one */
  bearings: z.record(z.string().regex(/^\d{1,9}$/), BearingChange).optional(),
  kit: KitDraft.nullable().optional(),
  fitting: FittingDraft.nullable().optional(),
  /** the job it came back of; null = it did not */
  comebackOf: reference.optional(),
  freeOfCharge: z.boolean().optional(),
  closed: z.boolean().optional(),
  /** why it is closed although something is open */
  reason: line(300).optional(),
  who: who.optional(),
})
export type JobChange = z.input<typeof JobChange>

/** A bearing added to a job. */
export const BearingAdded = NewBearing.extend({ version: z.number().int().positive() })

/** What is done to a job of a version. */
export const AtVersion = z.object({ version: z.coerce.number().int().positive() })

export const Bearing = z.object({
  id: z.number().int(),
  ordinal: z.number().int(),
  name: z.string(),
  slot: z.string(),
  evidence: EvidenceSheet,
  decision: Decision.nullable(),
  comparison: ComparisonDraft.nullable(),
  inspection: InspectionDraft.nullable(),
})
export type Bearing = z.output<typeof Bearing>

export const Job = z.object({
  id: z.number().int(),
  title: z.string(),
  machineId: z.number().int().nullable(),
  positionId: z.number().int().nullable(),
  stage: z.enum(STAGES),
  intake: Intake,
  /** of the first bearing, as are the next three */
  evidence: EvidenceSheet,
  decision: Decision.nullable(),
  comparison: ComparisonDraft.nullable(),
  inspection: InspectionDraft.nullable(),
  bearings: z.array(Bearing),
  kit: KitDraft.nullable(),
  fitting: FittingDraft.nullable(),
  /** the first position of the job this is a further position of; null for the first */
  partOf: z.number().int().nullable(),
  /** the job it came back of: the same place, closed before; null when it did not */
  comebackOf: z.number().int().nullable(),
  freeOfCharge: z.boolean(),
  /** what is stored and cannot be read: set aside, shown, not overwritten unasked */
  unreadable: z.array(z.object({ what: z.string(), text: z.string() })),
  version: z.number().int(),
  closedAt: z.string().nullable(),
  createdAt: z.string(),
  updatedAt: z.string(),
})
export type Job = z.output<typeof Job>

/** The job after its last act was undone, and what that was. */
export const JobUndone = z.object({ job: Job, undone: z.string() })
export type JobUndone = z.output<typeof JobUndone>

/** A job in a list. */
export const JobSummary = Job.pick({
  id: true,
  title: true,
  machineId: true,
  positionId: true,
  partOf: true,
  stage: true,
  closedAt: true,
  updatedAt: true,
}).extend({
  /** name of the machine, else where on it the part was */
  where: z.string(),
  designations: z.array(z.string()),
  kit: z.object({ arrangement: z.string(), positions: z.number().int() }).nullable(),
  /** day to look again at what was fitted; null when there is none ahead */
  recheck: z.string().nullable(),
})
export type JobSummary = z.output<typeof JobSummary>

/** What is still open on a job, from any stage. */
export const OpenPoint = z.object({
  code: z.string(),
  /** its facts */
  data: z.record(z.string(), z.unknown()),
  /** where it is settled */
  stage: z.enum(STAGES),
  message: z.string(),
})
export type OpenPoint = z.output<typeof OpenPoint>

/** What was done before at the place of a job, and what came back of it. */
export const JobReturns = z.object({
  earlier: z.array(z.object({ id: z.number().int(), title: z.string(), closedAt: z.string() })),
  cameBackAs: z.array(z.number().int()),
})
export type JobReturns = z.output<typeof JobReturns>

/** The positions of one job, the first one first. */
export const JobPositions = z.object({
  positions: z.array(
    z.object({
      id: z.number().int(),
      /** where on the machine, else the title */
      name: z.string(),
      stage: z.enum(STAGES),
      hasKit: z.boolean(),
      closedAt: z.string().nullable(),
      designations: z.array(z.string()),
    }),
  ),
})
export type JobPositions = z.output<typeof JobPositions>

export const HistoryQuery = z.object({
  limit: pageLimit(100),
  cursor: idCursor,
})
/** What happened to a job, the latest first. */
export const JobHistory = z.object({
  items: z.array(
    z.object({
      id: z.number().int(),
      kind: z.string(),
      summary: z.string(),
      who: z.string(),
      at: z.string(),
    }),
  ),
  next: z.string().nullable(),
})
export type JobHistory = z.output<typeof JobHistory>
