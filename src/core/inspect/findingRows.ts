import { z } from 'zod'
import { FINDINGS } from '../kit'
import { INSPECTED, PART_VERDICTS, RUNNING, SCENES } from './findingKinds'
import { SETUP_TRAITS } from './setup'

/** A sentence that holds in some setups only. */
const SetupText = z.object({
  text: z.string(),
  /** where any of these holds; none = everywhere */
  in: z.array(z.enum(SETUP_TRAITS)).optional(),
  /** not where any of these holds */
  unless: z.array(z.enum(SETUP_TRAITS)).optional(),
})
export type SetupText = z.output<typeof SetupText>

/** A row of `data/inspection/findings.json`. */
export const DamageMode = z.object({
  id: z.string(),
  parts: z.array(z.enum(INSPECTED)).min(1),
  label: z.string(),
  /** failure mode, in the terms of ISO 15243 where it has one */
  term: z.string(),
  /** main group of ISO 15243; empty = none */
  group: z.string(),
  looks: z.string(),
  /** by severity */
  verdicts: z.tuple([z.enum(PART_VERDICTS), z.enum(PART_VERDICTS), z.enum(PART_VERDICTS)]),
  replaceWith: z.array(SetupText),
  checkNext: z.array(SetupText),
  run: z.enum(RUNNING),
  causes: z.record(z.string(), z.number().positive()),
  sketch: z.object({ scene: z.enum(SCENES), marks: z.string() }),
  /** what it adds to the kit */
  kit: z.enum(FINDINGS).optional(),
  /** seen only where any of these is known to hold */
  only: z.array(z.enum(SETUP_TRAITS)).optional(),
  /** never seen where any of these holds */
  never: z.array(z.enum(SETUP_TRAITS)).optional(),
})
export type DamageMode = z.output<typeof DamageMode>

/** A row of `data/inspection/causes.json`. */
export const Cause = z.object({
  id: z.string(),
  label: z.string(),
  /** the first that holds in the setup; the last one holds everywhere */
  remedy: z.array(SetupText).min(1),
  prior: z.number().positive(),
  /** use, noise or age that speaks for (over 1) or against it */
  boost: z.record(z.string(), z.number().positive()),
  /** can be the cause only where any of these holds */
  only: z.array(z.enum(SETUP_TRAITS)).optional(),
  /** cannot be where any of these holds */
  never: z.array(z.enum(SETUP_TRAITS)).optional(),
})
export type Cause = z.output<typeof Cause>
