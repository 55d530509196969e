import type { Bearing, Job } from '@/contract/job'
import type { InspectionDraft } from '@/contract/judgement'

export const BLANK_INSPECTION: InspectionDraft = { seen: [], good: [], note: '' }

/** What is asked of the server for what was found on a bearing. */
export function inspectQuestion(
  { intake, kit }: Pick<Job, 'intake' | 'kit'>,
  { inspection, decision }: Pick<Bearing, 'inspection' | 'decision'>,
) {
  const { seen, age } = inspection ?? BLANK_INSPECTION
  return {
    body: {
      seen,
      tags: [...intake.heard, ...intake.use],
      ...(age && { age }),
      ...(kit && { arrangement: kit.arrangement }),
      ...(decision && { designation: decision.designation }),
    },
  }
}
