import 'server-only'
import { openPoint } from './openPointTexts'
import { comparisonError, jobPlan, spacerError } from './plan'
import type { Job, OpenPoint } from '@/contract/job'

/** What of a job's kit and plan is open. */
async function ofKit(job: Job): Promise<OpenPoint[]> {
  const { plan, found } = await jobPlan(job.id)
  const { kit, error } = found
  const todo = plan.sections.flatMap((s) => s.steps).filter((step) => !job.fitting?.done[step.id]).length
  const fasteners = plan.torques.filter(({ value }) => value === '').map(({ label }) => label)
  return [
    ...(error ? [openPoint('kitBehind', { error })] : []),
    ...kit.lines
      .filter(({ state }) => state !== 'filled')
      .map(({ state, label, reason }) =>
        openPoint(state === 'gap' ? 'partMissing' : 'partOff', { place: label, reason }),
      ),
    // A failed check that a line in conflict tells already is not told twice.
    ...kit.checks
      .filter(
        ({ result, slots }) =>
          result === 'fail' && !kit.lines.some((l) => l.state === 'conflict' && slots.includes(l.slot)),
      )
      .map(({ code, title, detail }) => openPoint('checkFailed', { check: code, title, detail })),
    ...plan.lost.map((answer) => openPoint('seatLost', { answer })),
    ...(todo > 0 ? [openPoint('stepsOpen', { count: todo })] : []),
    ...(fasteners.length > 0 ? [openPoint('torquesOpen', { fasteners })] : []),
    ...(plan.run === 'notUntilRepaired' ? [openPoint('notToRun', {})] : []),
  ]
}

/** Everything that is not settled yet on a job, from any stage: settled first, or closed with a reason. */
export async function openPoints(job: Job): Promise<OpenPoint[]> {
  const spacer = spacerError(job.fitting)
  return [
    ...job.bearings
      .filter(({ decision }) => !decision)
      .map(({ name }) => openPoint('notDecided', { bearing: name })),
    ...comparisonError(job).map((answer) => openPoint('doesNotGo', { answer })),
    ...job.unreadable.map(({ what }) => openPoint('unreadable', { what })),
    ...(spacer ? [openPoint('spacerOff', { answer: spacer })] : []),
    ...(job.kit ? await ofKit(job) : [openPoint('noKit', {})]),
    ...(job.fitting?.signed ? [] : [openPoint('notSigned', {})]),
  ]
}
