import type { PlanStep } from './plan'

/** A step of fitting with its place in the sequence. */
export interface Ordered extends PlanStep {
  /** where the order is free, the smaller comes first */
  order: number
  /** what is moved by this step, where it is not the place of its id */
  node?: string
  /** a ring is started and driven home here: said in full the first time only */
  driven?: true
  /** by heat first */
  heated?: true | undefined
}
