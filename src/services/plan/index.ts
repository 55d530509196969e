import 'server-only'
import { LOADS } from '@/core/interchange'
import { bearingsOfKit, ROLES } from '@/core/kit'
import { makePlan, type Plan } from '@/core/procedure'
import { readTorque, torqueProblemText, writeTorque } from '@/core/quantity'
import { z } from 'zod'
import { jobKit, type JobKit } from '../jobKit'
import { parse } from '../parse'
import type { FittingDraft, PlanResponse, SeatsResponse } from '@/contract/plan'
import { factsOf } from './facts'
import { draftOf, seatsOf } from './jobSeats'
import { usualSetting } from './jobSetting'
import { comparisonError, spacerError } from './troubles'

export { comparisonError, spacerError }

const SeatsQuery = z.object({ load: z.enum(LOADS).optional() })

/** Seats of the parts of a job's kit. @throws ServiceError `unreadable`; `notFound` when the job has no kit yet */
export async function seats(jobId: number, query: unknown): Promise<SeatsResponse> {
  const { load } = parse(SeatsQuery, query)
  const found = await jobKit(jobId)
  const draft = draftOf(found)
  const fitting = load ? { ...draft, load } : draft
  return {
    seats: seatsOf(found.arrangement, found.kit, fitting),
    hasSeats: found.arrangement.slots.some(({ role }) => (ROLES[role].rings ?? []).length > 0),
    bearings: bearingsOfKit(found.arrangement, found.kit).map(({ designation }) => designation),
    setting: usualSetting(found),
  }
}

/** The fasteners of the kit and those named on the job, each with what the manual says of it. */
function torquesOf(fasteners: Plan['torques'], { torques }: FittingDraft): PlanResponse['torques'] {
  const named = Object.entries(torques).flatMap(([id, { label = '' }]) =>
    label.trim() === '' || fasteners.some((row) => row.id === id) ? [] : [{ id, label, free: true }],
  )
  return [...fasteners.map((row) => ({ ...row, free: false })), ...named].map((row) => {
    const { value = '', page = '' } = torques[row.id] ?? {}
    if (value.trim() === '') return { ...row, value: '', page, problem: '' }
    const read = readTorque(value)
    return read.ok
      ? { ...row, value: writeTorque(read.value), page, problem: '' }
      : { ...row, value: '', page, problem: torqueProblemText(read.problem) }
  })
}

/** The job card of a job, worked out from its kit, inspection, fits and setting. @throws ServiceError `notFound` when the job has no kit yet */
export async function jobPlan(jobId: number): Promise<{ plan: PlanResponse; found: JobKit }> {
  const found = await jobKit(jobId)
  const facts = await factsOf(found)
  const plan = makePlan(facts)
  const spacer = spacerError(found.job.fitting)
  return {
    found,
    plan: {
      arrangement: found.arrangement.title,
      ...plan,
      run: facts.run,
      open: [
        ...plan.open,
        ...comparisonError(found.job),
        ...(spacer ? [spacer] : []),
        ...(found.error ? [found.error] : []),
      ],
      sections: plan.sections.map((section) => ({ ...section, steps: [...section.steps] })),
      tools: plan.tools.map(({ kind, label, own, improvise }) => ({ kind, label, own, improvise })),
      torques: torquesOf(plan.torques, draftOf(found)),
    },
  }
}
