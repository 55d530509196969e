import { z } from 'zod'
import causes from '../../../data/inspection/causes.json'
import findings from '../../../data/inspection/findings.json'
import { FINDINGS } from '../kit'
import { SETUP_TRAITS } from './setup'

/** Parts that are looked at, one after another. */
export const INSPECTED = [
  'bearing',
  'race',
  'shaft',
  'housing',
  'seal',
  'collar',
  'thread',
  'grease',
  'sensor',
] as const
export type Inspected = (typeof INSPECTED)[number]

export const INSPECTED_WORDS: Record<Inspected, string> = {
  bearing: 'bearing, cone',
  race: 'mating race, cup',
  shaft: 'spindle or shaft',
  housing: 'hub or housing bore',
  seal: 'seal',
  collar: 'collar, spacer',
  thread: 'threads',
  grease: 'grease',
  sensor: 'encoder, sensor',
}

/** How far a finding has gone. */
export const SEVERITIES = ['trace', 'marked', 'severe'] as const
export type Severity = (typeof SEVERITIES)[number]

export const PART_VERDICTS = ['good', 'doubtful', 'replace'] as const
export type PartVerdict = (typeof PART_VERDICTS)[number]

/** Whether the machine may run with it. */
export const RUNNING = ['yes', 'watch', 'notUntilRepaired'] as const
export type Running = (typeof RUNNING)[number]

export const SCENES = ['race', 'ring', 'cage', 'ball', 'shaft', 'thread', 'bore', 'lip', 'grease'] as const

/** Words that hold in some setups only. */
const SetupWords = z.object({
  words: z.string(),
  /** where any of these holds; none = everywhere */
  in: z.array(z.enum(SETUP_TRAITS)).optional(),
  /** not where any of these holds */
  unless: z.array(z.enum(SETUP_TRAITS)).optional(),
})
export type SetupWords = z.output<typeof SetupWords>

const DamageMode = z.object({
  id: z.string(),
  parts: z.array(z.enum(INSPECTED)).min(1),
  words: z.string(),
  /** failure mode, in the terms of ISO 15243 where it has one */
  term: z.string(),
  /** main group of ISO 15243; empty = none */
  group: z.string(),
  looks: z.string(),
  /** by severity */
  verdicts: z.tuple([z.enum(PART_VERDICTS), z.enum(PART_VERDICTS), z.enum(PART_VERDICTS)]),
  replaceWith: z.array(SetupWords),
  checkNext: z.array(SetupWords),
  run: z.enum(RUNNING),
  causes: z.record(z.string(), z.number().positive()),
  sketch: z.object({ scene: z.enum(SCENES), marks: z.string() }),
  /** what it adds to the kit */
  kit: z.enum(FINDINGS).optional(),
})
export type DamageMode = z.output<typeof DamageMode>

const Cause = z.object({
  id: z.string(),
  words: z.string(),
  /** the first that holds in the setup; the last one holds everywhere */
  remedy: z.array(SetupWords).min(1),
  prior: z.number().positive(),
  /** use, noise or age that speaks for (over 1) or against it */
  boost: z.record(z.string(), z.number().positive()),
  /** can be the cause only where any of these holds */
  only: z.array(z.enum(SETUP_TRAITS)).optional(),
  /** cannot be where any of these holds */
  never: z.array(z.enum(SETUP_TRAITS)).optional(),
})
export type Cause = z.output<typeof Cause>

/** Damage that is told apart, in the order it is looked for (terms of ISO 15243; consequences common practice). */
export const DAMAGE: readonly DamageMode[] = z.array(DamageMode).parse(findings.findings)
export const CAUSES: readonly Cause[] = z.array(Cause).parse(causes.causes)
