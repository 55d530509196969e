import 'server-only'
import * as db from '@/db'
import type { z } from 'zod'
import { AtVersion, type BearingAdded, type Job } from '@/contract/job'
import { ServiceError } from '../errors'
import { kitToKeep } from '../keptKit'
import { getCatalogue } from '../catalogueRuntime'
import { parse } from '../parse'
import { decided } from './decided'
import { eventsOf } from './eventsOf'
import { noJob } from './getJob'
import { followed, jobBearings } from './kitFollows'
import { conflict, openJob } from './openJob'
import { toJob } from './toJob'

/** Most bearings of one job. */
const MAX_BEARINGS = 12

/**
 * Adds a bearing to a job: the outer set beside the inner one, the other end of a shaft.
 * @throws ServiceError `notFound`, `conflict`, `impossible` beyond a dozen
 */
export async function addJobBearing(
  id: number,
  { version, decision, ...bearing }: z.output<typeof BearingAdded>,
): Promise<Job> {
  const job = await openJob(id, version)
  if (job.bearings.length >= MAX_BEARINGS)
    throw new ServiceError('impossible', `A job has at most ${MAX_BEARINGS} bearings. Open another job.`)
  const { context } = await getCatalogue()
  const before = jobBearings(job)
  const { name, slot } = bearing
  // The kit takes the new decision into its place, in the same change.
  const after = [...before, { name, slot, designation: decision?.designation ?? null }]
  const draft = job.kit && decision ? await followed(job.kit, after, before) : null
  const kit = JSON.stringify(draft) === JSON.stringify(job.kit) ? null : draft
  const added = await db.addBearing(
    id,
    version,
    { ...bearing, ...decided(decision, context) },
    {
      undo: { added: true, ...(kit && { kit: job.kit }) },
      patch: kit ? { kit } : {},
      ...(kit && { kit: await kitToKeep(id, kit, job.fitting, after) }),
      events: [
        {
          kind: 'bearing',
          summary: `Bearing added${name ? `: ${name}` : ''}${decision ? `, decided: ${decision.designation}` : ''}`,
          content: { ...bearing, decision },
        },
        ...(kit ? eventsOf({ kit }, job, '') : []),
      ],
    },
  )
  if (!added) throw noJob(id)
  if (added.conflict) throw conflict(id, added.job)
  return toJob(added.job)
}

/** @throws ServiceError `notFound`, `conflict`, `impossible` for the last one */
export async function removeJobBearing(id: number, bearing: number, input: unknown): Promise<Job> {
  const { version } = parse(AtVersion, input)
  const job = await openJob(id, version)
  const found = job.bearings.find((b) => b.id === bearing)
  if (!found) throw new ServiceError('notFound', `Job ${id} has no bearing ${bearing}.`)
  if (job.bearings.length === 1)
    throw new ServiceError('impossible', 'A job keeps at least one bearing. Change this one instead.')
  const left = job.bearings.filter((b) => b !== found)
  const removed = await db.removeBearing(id, version, bearing, {
    patch: {},
    // What it was decided as is asked of the kit no longer.
    ...(job.kit && {
      kit: await kitToKeep(id, job.kit, job.fitting, jobBearings({ bearings: left })),
    }),
    events: [
      {
        kind: 'bearing',
        summary: `Bearing removed${found.name ? `: ${found.name}` : ''}`,
        content: found,
      },
    ],
    undo: { removed: found },
  })
  if (!removed) throw noJob(id)
  if (removed.conflict) throw conflict(id, removed.job)
  return toJob(removed.job)
}
