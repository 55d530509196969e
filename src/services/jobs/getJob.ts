import 'server-only'
import * as db from '@/db'
import { ServiceError } from '../errors'
import type { Job } from '@/contract/job'
import { toJob } from './toJob'

export const noJob = (id: number) => new ServiceError('notFound', `There is no job ${id}.`)

/** @throws ServiceError `notFound` */
export async function getJob(id: number): Promise<Job> {
  const stored = await db.findJob(id)
  if (!stored) throw noJob(id)
  return toJob(stored)
}
