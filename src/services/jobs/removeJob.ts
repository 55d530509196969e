import 'server-only'
import * as db from '@/db'
import { AtVersion } from '@/contract/job'
import { ServiceError } from '../errors'
import { parse } from '../parse'
import { noJob } from './getJob'
import { conflict, openJob } from './openJob'

/**
 * Puts an open job into the bin, with all that is in it; what it has reserved is free again.
 * @throws ServiceError `notFound`, `conflict`, `settled`, `inUse` for one the register speaks of, or with further positions
 */
export async function removeJob(id: number, input: unknown): Promise<{ removed: true }> {
  const { version } = parse(AtVersion, input)
  const job = await openJob(id, version)
  if (await db.wasClosed(id))
    throw new ServiceError('inUse', `Job ${id} was closed once: the register speaks of it, so it stays.`)
  if (job.partOf === null && (await db.positionsOf(id)).length > 1)
    throw new ServiceError('inUse', `Job ${id} has further positions. Remove those first.`)
  if (!(await db.binJob(id, version, { kind: 'bin', summary: 'Job removed', content: {} }))) {
    const stored = await db.findJob(id)
    if (!stored) throw noJob(id)
    throw conflict(id, stored)
  }
  return { removed: true }
}
