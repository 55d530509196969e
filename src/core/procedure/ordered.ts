import type { PlanStep } from './plan'

/** A step of fitting with its place in the sequence. */
export interface Ordered extends PlanStep {
  /** what a later part would block comes first */
  order: number
  /** a ring is started and driven home here: said in full the first time only */
  driven?: true
}
