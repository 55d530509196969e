import type { IdentifyResponse } from '@/contract/evidence'

export type Candidate = IdentifyResponse['candidates'][number]

/** The candidates; while no listed size is as likely as that no list holds it, the listed parts nearest by size. */
export const shownOf = (answer: IdentifyResponse | null): readonly Candidate[] =>
  answer === null || answer.hardware ? [] : isUnlisted(answer) ? answer.nearest : answer.candidates

/** No listed size is as likely as that no list holds it. */
export const isUnlisted = (answer: IdentifyResponse | null): boolean =>
  answer !== null && answer.unlisted.leads

/** The one button of the screen: Enter after the last field goes to it. */
export const USE_BUTTON = 'use-answer'

/** A share as a counter reads it. */
export const percent = (p: number): string =>
  p > 0.995 && p < 0.99995 ? '>99 %' : p < 0.005 ? '<1 %' : `${Math.round(p * 100)} %`
