import 'server-only'
import * as db from '@/db'
import { ServiceError } from '../errors'
import { Intake, type JobPositions } from '@/contract/job'
import { getJob } from './getJob'
import { stageOf } from './toJob'

/** Most positions of one job. */
const MAX_POSITIONS = 24

/** The first position of the job that `id` is a position of. @throws ServiceError `notFound`, `impossible` when it is full */
export async function firstPosition(id: number): Promise<number> {
  const { partOf } = await getJob(id)
  const first = partOf ?? id
  if ((await db.positionsOf(first)).length >= MAX_POSITIONS)
    throw new ServiceError('impossible', `A job has at most ${MAX_POSITIONS} positions. Open another job.`)
  return first
}

function nameOf({ title, intake, registered }: db.JobPosition): string {
  const read = intake.ok ? Intake.safeParse(intake.value) : null
  const where = read?.success
    ? [read.data.position, read.data.side].filter((text) => text !== '').join(', ')
    : ''
  return where || registered || title
}

/** The positions of the job this one belongs to, the first one first. @throws ServiceError `notFound` */
export async function positionsOf(id: number): Promise<JobPositions> {
  const { partOf } = await getJob(id)
  const stored = await db.positionsOf(partOf ?? id)
  return {
    positions: stored.map((position) => ({
      id: position.id,
      name: nameOf(position),
      stage: stageOf(position.stage),
      hasKit: position.hasKit,
      closedAt: position.closedAt?.toISOString() ?? null,
      designations: position.designations,
    })),
  }
}
