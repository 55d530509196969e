import type { Step } from './steps'

/** A step of fitting with its place in the sequence. */
export type Ordered = Step & {
  /** where the order is free, the smaller comes first */
  order: number
  /** what is moved by this step, where it is not its place */
  node?: string
  /** a ring is started and driven home here */
  driven?: true
  /** by heat first */
  heated?: boolean
}
