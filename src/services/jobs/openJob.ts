import 'server-only'
import * as db from '@/db'
import type { Job } from '@/contract/job'
import { ServiceError } from '../errors'
import { noJob } from './getJob'
import { toJob } from './toJob'

/** Somebody saved in between: the refusal, with what stands. */
export const conflict = (id: number, stored: db.StoredJob) =>
  new ServiceError(
    'conflict',
    `Job ${id} was changed on another screen in between. Its present state comes with this answer.`,
    [],
    toJob(stored),
  )

/** A closed job is not changed: the refusal, with the job. */
export const settled = (job: Job) =>
  new ServiceError('settled', `Job ${job.id} is closed. Open it again to change it.`, [], job)

/** An open job of a version. @throws ServiceError `notFound`, `conflict`, `settled` when it is closed */
export async function openJob(id: number, version: number): Promise<Job> {
  const stored = await db.findJob(id)
  if (!stored) throw noJob(id)
  if (stored.version !== version) throw conflict(id, stored)
  const job = toJob(stored)
  if (job.closedAt === null) return job
  throw settled(job)
}
