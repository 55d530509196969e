import 'server-only'
import { comparisonTrouble, jobPlan, spacerTrouble } from './plan'
import type { Job, OpenPoint } from './schemas/job'

const steps = (n: number): string => `${n} ${n === 1 ? 'step' : 'steps'} of the plan`

/** What of a job's kit and plan is open. */
async function ofKit(job: Job): Promise<OpenPoint[]> {
  const { plan, found } = await jobPlan(job.id)
  const points: OpenPoint[] = []
  const { kit, trouble } = found
  if (trouble) points.push({ stage: 'kit', words: `The kit does not follow what is typed: ${trouble}` })
  for (const line of kit.lines)
    if (line.state !== 'filled')
      points.push({
        stage: 'kit',
        words: `${line.words}: ${line.state === 'gap' ? 'missing' : 'does not fit'}. ${line.reason}`,
      })
  for (const check of kit.checks)
    if (
      check.result === 'fail' &&
      !kit.lines.some((l) => l.state === 'conflict' && check.slots.includes(l.slot))
    )
      points.push({ stage: 'kit', words: `${check.words}. ${check.detail}` })
  for (const words of plan.lost) points.push({ stage: 'fit', words })
  const todo = plan.sections.flatMap((s) => s.steps).filter((step) => !job.fitting?.done[step.id]).length
  if (todo > 0) points.push({ stage: 'plan', words: `${steps(todo)} not ticked` })
  const unwritten = plan.torques.filter(({ value }) => value === '').map(({ words }) => words.toLowerCase())
  if (unwritten.length > 0)
    points.push({ stage: 'plan', words: `No torque written down: ${unwritten.join(', ')}` })
  if (plan.run === 'notUntilRepaired')
    points.push({ stage: 'inspect', words: 'The machine does not run until what was found is repaired' })
  return points
}

/** Everything that is not settled yet on a job, from any stage: settled first, or closed with a reason. */
export async function openPoints(job: Job): Promise<OpenPoint[]> {
  const named = (name: string) => (name ? `, ${name}` : '')
  const points: OpenPoint[] = []
  for (const { name, decision } of job.bearings)
    if (!decision) points.push({ stage: 'identify', words: `No part is decided${named(name)}` })
  for (const words of comparisonTrouble(job)) points.push({ stage: 'compare', words })
  for (const { what } of job.unreadable)
    points.push({ stage: 'record', words: `${what}: what is stored cannot be read` })
  const spacer = spacerTrouble(job.fitting)
  if (spacer) points.push({ stage: 'fit', words: spacer })
  if (job.kit) points.push(...(await ofKit(job)))
  else points.push({ stage: 'kit', words: 'There is no kit' })
  if (!job.fitting?.signed) points.push({ stage: 'plan', words: 'Nobody has signed it off' })
  return points
}
