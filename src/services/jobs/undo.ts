import 'server-only'
import type { z } from 'zod'
import * as db from '@/db'
import type { AtVersion, Bearing, Job, JobUndone } from '@/contract/job'
import { ServiceError } from '../errors'
import { kitToKeep } from '../keptKit'
import { getCatalogue } from '../catalogueRuntime'
import { noJob } from './getJob'
import { decided } from './decided'
import { jobBearings } from './kitFollows'
import { changeJob } from './jobs'
import { conflict, openJob } from './openJob'
import { lastAct } from './lastAct'
import { toJob } from './toJob'
import type { Undoing } from './undoOf'

/** Entries of the history that are looked through. */
const LOOKED_THROUGH = 60

/** What a bearing was, back in its place. */
async function putBack(job: Job, bearing: Bearing, act: Undoing) {
  const { context } = await getCatalogue()
  const { id, ordinal, name, slot, evidence, decision, comparison, inspection } = bearing
  return db.putBearingBack(
    job.id,
    job.version,
    {
      id,
      ordinal,
      name,
      slot,
      evidence,
      comparison,
      inspection,
      ...decided(decision, context),
      ...(inspection && { findings: inspection.seen ?? [] }),
    },
    {
      events: [{ kind: 'undo', summary: `Undone: ${act.summary}`, content: act.undo }],
      undoes: act.versions,
    },
  )
}

/**
 * Undoes the last act on an open job, whoever did it: what it changed is as it was before.
 * @throws ServiceError `notFound`, `conflict`, `settled`, `impossible` when there is nothing to undo
 */
export async function undoLast(id: number, { version }: z.output<typeof AtVersion>): Promise<JobUndone> {
  const job = await openJob(id, version)
  const events = await db.liveEvents(id, LOOKED_THROUGH)
  const act = lastAct(events)
  if (!act)
    throw new ServiceError(
      'impossible',
      events[0] && events.length > 1
        ? `“${events[0].summary}” is not undone here.`
        : 'Nothing was changed yet that could be undone.',
    )
  const { undo } = act
  if ('change' in undo)
    return { job: await changeJob(id, { ...undo.change, version }, act), undone: act.summary }
  const last = Math.max(...job.bearings.map((b) => b.id))
  const left = { bearings: job.bearings.filter((b) => b.id !== last) }
  const stored =
    'removed' in undo
      ? await putBack(job, undo.removed, act)
      : await db.removeBearing(id, version, last, {
          patch: undo.kit === undefined ? {} : { kit: undo.kit },
          ...(undo.kit && { kit: await kitToKeep(id, undo.kit, job.fitting, jobBearings(left)) }),
          events: [{ kind: 'undo', summary: `Undone: ${act.summary}`, content: undo }],
          undoes: act.versions,
        })
  if (!stored) throw noJob(id)
  if (stored.conflict) throw conflict(id, stored.job)
  return { job: toJob(stored.job), undone: act.summary }
}
