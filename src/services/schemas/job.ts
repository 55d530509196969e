import { z } from 'zod'
import { EvidenceSheet } from './evidence'
import { ComparisonDraft, InspectionDraft } from './judgement'
import { KitDraft } from './kit'
import { FittingDraft } from './plan'

/** Stages in the order of the work; each has its screen. */
export const STAGES = [
  'takeIn',
  'identify',
  'crossReference',
  'compare',
  'kit',
  'inspect',
  'fit',
  'plan',
  'record',
] as const
export type Stage = (typeof STAGES)[number]

export const STAGE_WORDS: Record<Stage, string> = {
  takeIn: 'Take in',
  identify: 'Identify',
  crossReference: 'Cross-reference',
  compare: 'Compare',
  kit: 'Kit',
  inspect: 'Inspect',
  fit: 'Fit and set',
  plan: 'Plan',
  record: 'Record',
}

export const HEARD = ['rumble', 'grinding', 'scream', 'play', 'heat', 'escaped grease', 'stiff'] as const
export const USE = ['washed', 'submerged', 'salt air', 'slow', 'fast', 'heavy load', 'outdoors'] as const
export const ARRIVED = ['whole bearing', 'cup only', 'cone only', 'seal', 'fragments', 'nothing'] as const

const line = (most: number) => z.string().trim().max(most, `At most ${most} characters.`)

export const Intake = z.object({
  position: line(120).default(''),
  side: line(40).default(''),
  heard: z.array(z.enum(HEARD)).default([]),
  use: z.array(z.enum(USE)).default([]),
  arrived: z.array(z.enum(ARRIVED)).default([]),
  note: z.string().max(4000, 'At most 4000 characters.').default(''),
})
export type Intake = z.output<typeof Intake>

/** What was decided: which part, how sure, and from which evidence. */
export const Decision = z.object({
  designation: z.string().min(1).max(80),
  base: z.string().min(1).max(80),
  probability: z.number().min(0).max(1).nullable(),
})
export type Decision = z.output<typeof Decision>

const title = line(160).min(1, 'Give the job a title, such as the machine and position.')
const reference = z.number().int().positive().nullable()

export const NewJob = z.object({
  title,
  machineId: reference.default(null),
  positionId: reference.default(null),
  intake: Intake.prefault({}),
  evidence: EvidenceSheet.prefault({}),
})

export const JobChange = z.object({
  version: z.number().int().positive(),
  title: title.optional(),
  machineId: reference.optional(),
  positionId: reference.optional(),
  stage: z.enum(STAGES).optional(),
  intake: Intake.optional(),
  evidence: EvidenceSheet.optional(),
  decision: Decision.nullable().optional(),
  kit: KitDraft.nullable().optional(),
  comparison: ComparisonDraft.nullable().optional(),
  inspection: InspectionDraft.nullable().optional(),
  fitting: FittingDraft.nullable().optional(),
  closed: z.boolean().optional(),
})
export type JobChange = z.input<typeof JobChange>

export const Job = z.object({
  id: z.number().int(),
  title: z.string(),
  machineId: z.number().int().nullable(),
  positionId: z.number().int().nullable(),
  stage: z.enum(STAGES),
  intake: Intake,
  evidence: EvidenceSheet,
  decision: Decision.nullable(),
  kit: KitDraft.nullable(),
  comparison: ComparisonDraft.nullable(),
  inspection: InspectionDraft.nullable(),
  fitting: FittingDraft.nullable(),
  version: z.number().int(),
  closedAt: z.string().nullable(),
  createdAt: z.string(),
  updatedAt: z.string(),
})
export type Job = z.output<typeof Job>
