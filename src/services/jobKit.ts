import 'server-only'
import * as db from '@/db'
import { ServiceError } from './errors'
import { getJob } from './jobs/getJob'
import { jobBearings } from './jobs/kitFollows'
import { greaseOf, toStored, toWorked } from './keptKit'
import { workDraft, type WorkedKit } from './kits'
import type { Job } from '@/contract/job'
import type { KitDraft } from '@/contract/kit'

/** A job with its kit as it was agreed, and where it is, in words. */
export interface JobKit extends WorkedKit {
  job: Job & { kit: NonNullable<Job['kit']> }
  place: string
  /** why what is typed now is not in the kit; empty = it is */
  error: string
}

async function placeOfJob(job: Job): Promise<string> {
  const machine = job.machineId === null ? null : await db.findMachine(job.machineId)
  const position = machine?.positions.find((p) => p.id === job.positionId)?.name ?? job.intake.position
  return [machine?.name, position, job.intake.side].filter(Boolean).join(' · ')
}

/**
 * The kit of a job as it was agreed. One from before kits were kept is worked out once, and kept.
 * @throws ServiceError `notFound` when there is no such job, or the job has no kit yet
 */
export async function jobKit(jobId: number): Promise<JobKit> {
  const [job, stored] = await Promise.all([getJob(jobId), db.kitOfJob(jobId)])
  if (!job.kit)
    throw new ServiceError('notFound', `Job ${jobId} has no kit yet. Choose an arrangement first.`)
  const [place, worked] = await Promise.all([placeOfJob(job), stored && toWorked(jobId, stored)])
  const found = worked ?? (await settled(jobId, job.kit, job))
  return { job: { ...job, kit: job.kit }, place, ...found }
}

async function settled(jobId: number, draft: KitDraft, job: Job) {
  const worked = await workDraft(draft, {
    jobId,
    bearings: jobBearings(job),
    ...(await greaseOf(job.fitting)),
  })
  await db.keepKit(jobId, await toStored(worked, null))
  return { ...worked, error: '' }
}
