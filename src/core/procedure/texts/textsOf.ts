/** What a step says. */
export interface StepText {
  text: string
  /** size of the tool, force or heat; empty = none */
  tool?: string
  /** stands beside the step: what can hurt */
  caution?: string
}

/** The text of each code of one subject. */
export type TextsOf<F> = { [C in keyof F]: (data: F[C]) => StepText }
