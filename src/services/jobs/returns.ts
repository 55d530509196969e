import 'server-only'
import * as db from '@/db'
import { ServiceError } from '../errors'
import type { JobReturns } from '../schemas/job'
import { getJob } from './getJob'

/** Jobs of one place that are offered as what came back. */
const MAX_EARLIER = 20

/** @throws ServiceError `impossible` for itself or a job that is still open, `notFound` */
export async function checkComeback(id: number, of: number): Promise<void> {
  const earlier = of === id ? null : await getJob(of)
  if (earlier?.closedAt) return
  throw new ServiceError(
    'impossible',
    earlier
      ? `Job ${of} is not closed: what came back of it is work on the same job.`
      : 'A job does not come back of itself.',
  )
}

/** Jobs closed before at the place of this one, and those that came back of it. @throws ServiceError `notFound` */
export async function returnsOf(id: number): Promise<JobReturns> {
  const job = await getJob(id)
  const [earlier, cameBackAs] = await Promise.all([
    job.positionId === null ? [] : db.closedJobsAt(job.positionId, MAX_EARLIER),
    db.comebacksOf(id),
  ])
  return {
    earlier: earlier
      .filter((other) => other.id !== id)
      .map(({ closedAt, ...other }) => ({ ...other, closedAt: closedAt.toISOString() })),
    cameBackAs,
  }
}
