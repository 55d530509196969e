import 'server-only'
import * as db from '@/db'
import { now } from '../clock'
import { ServiceError } from '../errors'
import { learnFrom } from '../experience'
import { greaseChanged, kitToKeep } from '../keptKit'
import { getCatalogue } from '../catalogueRuntime'
import { STAGES, type Stage } from '@/contract/choices'
import type { Job, NewJob } from '@/contract/job'
import type { z } from 'zod'
import { decided } from './decided'
import { definedOnly } from './definedOnly'
import { eventsOf } from './eventsOf'
import { closing } from './closing'
import { getJob, noJob } from './getJob'
import { afterChange, draftAfter, type Bearings, type Change } from './kitFollows'
import { conflict, settled } from './openJob'
import { checkPlace } from './place'
import { firstPosition } from './positions'
import { checkComeback, comebackAfter } from './returns'
import { seatReadings } from './seatReadings'
import { toJob } from './toJob'
import { undoOf, type Undoing } from './undoOf'

/**
 * Opens a job, with its bearings; `copyOf` takes intake, bearings and kit from another, for the other wheel; `partOf` makes it
 * a further position of another.
 * @throws ServiceError `notFound`, `impossible` beyond the most positions of one job
 */
export async function createJob({
  copyOf,
  partOf: beside,
  bearings,
  evidence,
  ...given
}: z.output<typeof NewJob>): Promise<Job> {
  const job = { ...given, ...(beside !== undefined && { partOf: await firstPosition(beside) }) }
  const from = copyOf === undefined ? null : await getJob(copyOf)
  await checkPlace(job.machineId ?? from?.machineId ?? null, job.positionId)
  const { context } = await getCatalogue()
  const event = (content: unknown, summary = 'Job opened'): db.NewEvent => ({
    kind: 'created',
    summary,
    content,
  })
  if (!from)
    return toJob(
      await db.createJob(
        job,
        [
          { evidence, decision: null },
          ...bearings.map(({ decision, ...bearing }) => ({ ...bearing, ...decided(decision, context) })),
        ],
        event({ ...job, evidence, bearings }),
      ),
    )
  const kit = from.kit ? await kitToKeep(null, from.kit, from.fitting, []) : undefined
  return toJob(
    await db.createJob(
      {
        ...job,
        intake: {
          ...from.intake,
          position: job.intake.position || from.intake.position,
          side: job.intake.side,
        },
        machineId: job.machineId ?? from.machineId,
        positionId: job.positionId,
        stage: from.kit ? 'kit' : 'identify',
        ...(from.kit && { kit: from.kit }),
      },
      from.bearings.map(({ name, slot, evidence: seen, decision }) => ({
        name,
        slot,
        evidence: seen,
        ...decided(decision, context),
      })),
      event({ ...job, copyOf }, `Job opened as a copy of job ${from.id}`),
      kit ? { kit } : {},
    ),
  )
}

const further = (a: Stage, b: Stage): Stage => (STAGES.indexOf(a) >= STAGES.indexOf(b) ? a : b)

/** Changes of bearings, those of the first one beside the others. */
function bearingChanges(
  { evidence, decision, comparison, inspection, bearings }: Change,
  job: Job,
): Bearings {
  const ofFirst = definedOnly({ evidence, decision, comparison, inspection })
  const [first] = job.bearings
  if (!first || Object.keys(ofFirst).length === 0) return bearings ?? {}
  return { ...bearings, [first.id]: { ...ofFirst, ...bearings?.[first.id] } }
}

/**
 * Changes a job and its bearings; the kit follows what was decided.
 * @throws ServiceError `conflict` with the stored job when somebody saved in between, `settled` when it is closed, `notFound`,
 *   `impossible` when it is closed with something open and no reason given
 */
export async function changeJob(id: number, change: Change, undoing?: Undoing): Promise<Job> {
  const [present, { context }] = await Promise.all([db.findJob(id), getCatalogue()])
  if (!present) throw noJob(id)
  if (present.version !== change.version) throw conflict(id, present)
  const job = toJob(present)
  if (job.closedAt !== null && change.closed !== false) throw settled(job)
  const changes = bearingChanges(change, job)
  const strange = Object.keys(changes).find((bearing) => !job.bearings.some((b) => b.id === Number(bearing)))
  if (strange !== undefined)
    throw new ServiceError('conflict', `Job ${id} has no bearing ${strange} any more.`, [], job)
  const draft = await draftAfter(change, changes, job)
  const fitting = change.fitting === undefined ? job.fitting : change.fitting
  // How the hub is filled, and how fast it turns, is typed beside the kit and decides its grease.
  const filledAnew = job.kit !== null && greaseChanged(job.fitting, fitting)
  const worked = draft === undefined && filledAnew ? job.kit : draft
  const kit = worked ? await kitToKeep(id, worked, fitting, afterChange(job, changes)) : worked
  const closed =
    change.closed === true && job.closedAt === null ? await closing(job, change.reason ?? '') : null
  const { closed: close, title, machineId, positionId, intake } = change
  if ((machineId ?? null) !== null || (positionId ?? null) !== null)
    await checkPlace(machineId === undefined ? job.machineId : machineId, positionId ?? null)
  const { comebackOf, freeOfCharge } = comebackAfter(change, job)
  if (comebackOf !== undefined && comebackOf !== null) await checkComeback(id, comebackOf)
  const who = change.who ?? ''
  const made = {
    ...change,
    ...definedOnly({ comebackOf, freeOfCharge }),
    bearings: changes,
    ...(draft !== undefined && { kit: draft }),
  }
  const stored = await db.updateJob(id, change.version, {
    patch: definedOnly({
      title,
      machineId,
      positionId,
      intake,
      comebackOf,
      freeOfCharge,
      fitting: change.fitting,
      kit: draft,
      stage: change.stage && further(change.stage, job.stage),
      closedAt: close === undefined ? undefined : close ? new Date(now()) : null,
    }),
    bearings: new Map(
      Object.entries(changes).map(([bearing, given]) => [
        Number(bearing),
        definedOnly({
          ...given,
          ...(given.decision !== undefined && decided(given.decision, context)),
          ...(given.inspection !== undefined && { findings: given.inspection?.seen ?? [] }),
        }),
      ]),
    ),
    ...(kit !== undefined && { kit }),
    ...(change.fitting !== undefined && { seatReadings: seatReadings(change.fitting) }),
    events: undoing
      ? [{ kind: 'undo', summary: `Undone: ${undoing.summary}`, content: undoing.undo, who }]
      : [
          ...eventsOf(made, job, who),
          ...(closed?.events ?? []).map((event) => ({ who, ...event })),
          ...(close === false ? [{ kind: 'closed', summary: 'Job opened again', content: {}, who }] : []),
        ],
    ...(undoing ? { undoes: undoing.versions } : { undo: undoOf(made, job) }),
    ...(closed && { also: closed.also }),
  })
  if (!stored) throw noJob(id)
  if (stored.conflict) throw conflict(id, stored.job)
  const after = toJob(stored.job)
  if ((job.closedAt === null) !== (after.closedAt === null))
    await learnFrom(after, after.closedAt === null ? -1 : 1)
  return after
}
