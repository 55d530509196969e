import 'server-only'
import * as db from '@/db'
import { ServiceError } from '../errors'
import type { Job, JobChange, JobReturns } from '@/contract/job'
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

type Comeback = Pick<JobChange, 'comebackOf' | 'freeOfCharge'>

/** What a change makes of a comeback: at another machine or position it is none any more, unless it is named anew. */
export function comebackAfter(
  { machineId, positionId, comebackOf, freeOfCharge }: Omit<JobChange, 'version'>,
  job: Job,
): Comeback {
  const moved =
    (positionId !== undefined && positionId !== job.positionId) ||
    (machineId !== undefined && machineId !== job.machineId)
  return moved && comebackOf === undefined && job.comebackOf !== null
    ? { comebackOf: null, freeOfCharge: false }
    : { comebackOf, freeOfCharge }
}

/**
 * Jobs closed before at the place of this one, and those that came back of it.
 * @param position the place of the register, where it is not the stored one
 * @throws ServiceError `notFound`
 */
export async function returnsOf(id: number, position?: number): Promise<JobReturns> {
  const { positionId } = await getJob(id)
  const positionOf = position ?? positionId
  const [earlier, cameBackAs] = await Promise.all([
    positionOf === null ? [] : db.closedJobsAt(positionOf, MAX_EARLIER),
    db.comebacksOf(id),
  ])
  return {
    earlier: earlier
      .filter((other) => other.id !== id)
      .map(({ closedAt, ...other }) => ({ ...other, closedAt: closedAt.toISOString() })),
    cameBackAs,
  }
}
