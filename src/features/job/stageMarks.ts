import { STAGES, type Stage } from '@/contract/choices'
import type { Bearing, Job } from '@/contract/job'
import * as common from '@/texts/common'
import * as texts from '@/texts/job'

/** How far a stage is: something is kept of it, it was passed by, or it is still ahead. */
export type StageMark = 'done' | 'passed' | 'ahead'

export const MARK_LABELS: Record<StageMark, string> = {
  done: common.done,
  passed: texts.passedBy,
  ahead: common.open,
}

type Marked = Pick<Job, 'stage' | 'machineId' | 'intake' | 'kit' | 'fitting' | 'closedAt'>

/** Whether anything stands in it; a draft of a window that was closed may lack it. */
const holds = (fields: object | undefined): boolean => Object.values(fields ?? {}).some(Boolean)

/** What is kept of each stage. A cross-reference keeps nothing of its own: it is done once what was decided went on from it. */
function keeps(
  job: Marked,
  bearing: Pick<Bearing, 'decision' | 'comparison' | 'inspection'>,
): Record<Stage, boolean> {
  const { intake, fitting } = job
  const isPast = (stage: Stage): boolean => STAGES.indexOf(job.stage) > STAGES.indexOf(stage)
  return {
    takeIn: job.machineId !== null || Object.values(intake).some((said) => said.length > 0),
    identify: bearing.decision !== null,
    crossReference: bearing.decision !== null && isPast('crossReference'),
    compare: bearing.comparison !== null,
    kit: job.kit !== null,
    inspect: bearing.inspection !== null,
    fit: holds(fitting?.seats) || holds(fitting?.fields),
    plan: holds(fitting?.done) || Boolean(fitting?.signed),
    record: job.closedAt !== null,
  }
}

/** The marks of all stages; being looked at marks nothing. */
export function stageMarks(
  job: Marked,
  bearing: Pick<Bearing, 'decision' | 'comparison' | 'inspection'>,
): Record<Stage, StageMark> {
  const done = keeps(job, bearing)
  const last = Math.max(...STAGES.map((stage, i) => (done[stage] ? i : -1)))
  return Object.fromEntries(
    STAGES.map((stage, i) => [stage, done[stage] ? 'done' : i < last ? 'passed' : 'ahead']),
  ) as Record<Stage, StageMark>
}
