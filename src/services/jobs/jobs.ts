import 'server-only'
import { partKeyOf, type Language } from '@/core/designation'
import { readFeature } from '@/core/compare'
import { withDecisions, type Arrangement, type JobBearing } from '@/core/kit'
import * as db from '@/db'
import { arrangementFor } from '../arrangements'
import { now } from '../clock'
import { ServiceError } from '../errors'
import { learnFrom } from '../experience'
import { greaseChanged, kitToKeep } from '../keptKit'
import { ready } from '../language'
import { STAGES, type Stage } from '@/contract/choices'
import type { BearingAdded, JobChange, NewJob } from '@/contract/job'
import { AtVersion, HistoryQuery, type Decision, type Job, type JobHistory } from '@/contract/job'
import type { KitDraft } from '@/contract/kit'
import { pageOf } from '../pageOf'
import { parse } from '../parse'
import type { z } from 'zod'
import { eventsOf } from './eventsOf'
import { closing } from './closing'
import { getJob, noJob } from './getJob'
import { checkPlace } from './place'
import { firstPosition } from './positions'
import { checkComeback, comebackAfter } from './returns'
import { seatReadings } from './seatReadings'
import { toJob } from './toJob'
import { undoOf, type Undoing } from './undoOf'

/** Most bearings of one job. */
const MAX_BEARINGS = 12
/** Most bolts or lugs of one unit; more is a slip of the pen. */
const MAX_COUNTED = 20

export const conflict = (id: number, stored: db.StoredJob) =>
  new ServiceError(
    'conflict',
    `Job ${id} was changed on another screen in between. Its present state comes with this answer.`,
    [],
    toJob(stored),
  )

/** What a decision adds to its bearing for questions. */
export const decided = (decision: Decision | null, language: Language): db.BearingPatch => ({
  decision,
  designation: decision?.designation ?? null,
  partKey: decision ? partKeyOf(decision.designation, language).slice(0, 190) : null,
})

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
  const { language } = await ready()
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
          ...bearings.map(({ decision, ...bearing }) => ({ ...bearing, ...decided(decision, language) })),
        ],
        event({ ...job, evidence, bearings }),
      ),
    )
  const kit = from.kit ? await kitToKeep(null, from.kit, from.fitting) : undefined
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
        ...decided(decision, language),
      })),
      event({ ...job, copyOf }, `Job opened as a copy of job ${from.id}`),
      kit ? { kit } : {},
    ),
  )
}

const further = (a: Stage, b: Stage): Stage => (STAGES.indexOf(a) >= STAGES.indexOf(b) ? a : b)

type Change = z.output<typeof JobChange>
type Bearings = NonNullable<Change['bearings']>

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

const jobBearings = (job: Job): JobBearing[] =>
  job.bearings.map(({ name, slot, decision }) => ({ name, slot, designation: decision?.designation ?? null }))

/** The bearings as a change leaves them. */
const afterChange = (job: Job, changes: Bearings): JobBearing[] =>
  job.bearings.map(({ id, name, slot, decision }) => {
    const change = changes[id]
    const is = change?.decision === undefined ? decision : change.decision
    return {
      name: change?.name ?? name,
      slot: change?.slot ?? slot,
      designation: is?.designation ?? null,
    }
  })

/** What was measured of the machine on the evidence sheets, where the kit asks for it: shaft and housing of both ends. */
function measuredSizes(job: Job): KitDraft['sizes'] {
  const reading = (of: number, feature: 'shaft' | 'housing'): string | undefined => {
    const found = job.bearings[of]?.evidence.measurements.find((m) => m.feature === feature && !m.struck)
    const text = found?.readings.at(-1)?.trim()
    return text ? `${text}${found?.unit === 'auto' ? '' : ` ${found?.unit ?? ''}`}`.slice(0, 40) : undefined
  }
  return definedOnly({
    shaft: reading(0, 'shaft'),
    housing: reading(0, 'housing'),
    shaft2: reading(1, 'shaft'),
    housing2: reading(1, 'housing'),
  })
}

/** How many a typed feature says there are, such as 3 x M12; null where it says no number. */
function countOf(feature: 'mountingBolts' | 'lugCount', typed: string | undefined): number | null {
  if (typed === undefined || typed.trim() === '') return null
  const value = readFeature(feature, typed)
  const count = value.kind === 'count' ? value.count : value.kind === 'thread' ? value.count : null
  return count !== null && count >= 1 && count <= MAX_COUNTED ? count : null
}

/** Bolts and studs as they were counted while comparing, for the places that hold them. */
function countedPieces({ slots }: Arrangement, job: Job): Record<string, number> {
  const features = job.bearings.flatMap(({ comparison }) =>
    comparison ? [comparison.new, comparison.old] : [],
  )
  const counted = (feature: 'mountingBolts' | 'lugCount') =>
    features.map((typed) => countOf(feature, typed[feature])).find((count) => count !== null)
  const [bolts, lugs] = [counted('mountingBolts'), counted('lugCount')]
  return Object.fromEntries(
    slots.flatMap(({ id, role }) => {
      const count = role === 'bolts' ? bolts : role === 'studs' || role === 'wheelNuts' ? lugs : undefined
      return count === undefined || count === null ? [] : [[id, count] as const]
    }),
  )
}

/** The draft of the kit with what was decided for the bearings in its places. */
async function followed(
  draft: KitDraft,
  after: readonly JobBearing[],
  before: readonly JobBearing[],
): Promise<KitDraft> {
  const [arrangement, { language, identifier }] = await Promise.all([
    arrangementFor(draft.arrangement).catch(() => null),
    ready(),
  ])
  if (!arrangement) return draft
  return {
    ...draft,
    parts: withDecisions(arrangement, draft.parts, after, { language, shelf: identifier.shelf }, before),
  }
}

/** The kit a change leaves: as given, with decisions in their places. Undefined = the kit does not change. */
async function draftAfter(change: Change, changes: Bearings, job: Job): Promise<KitDraft | null | undefined> {
  if (change.kit === null) return null
  const [before, after] = [jobBearings(job), afterChange(job, changes)]
  const fresh = change.kit && job.kit?.arrangement !== change.kit.arrangement
  const moved = JSON.stringify(before) !== JSON.stringify(after)
  const draft = change.kit ?? job.kit
  if (!draft || (!change.kit && !moved)) return change.kit
  if (!fresh && !moved) return draft
  if (!fresh) return followed(draft, after, before)
  const arrangement = await arrangementFor(draft.arrangement).catch(() => null)
  const known = {
    ...draft,
    sizes: { ...measuredSizes(job), ...draft.sizes },
    ...(arrangement && { quantities: { ...countedPieces(arrangement, job), ...draft.quantities } }),
  }
  return followed(known, after, [])
}

/**
 * Changes a job and its bearings; the kit follows what was decided.
 * @throws ServiceError `conflict` with the stored job when somebody saved in between, `settled` when it is closed, `notFound`,
 *   `impossible` when it is closed with something open and no reason given
 */
export async function changeJob(id: number, change: Change, undoing?: Undoing): Promise<Job> {
  const present = await db.findJob(id)
  if (!present) throw noJob(id)
  if (present.version !== change.version) throw conflict(id, present)
  const job = toJob(present)
  if (job.closedAt !== null && change.closed !== false)
    throw new ServiceError('settled', `Job ${id} is closed. Open it again to change it.`, [], job)
  const { language } = await ready()
  const changes = bearingChanges(change, job)
  const strange = Object.keys(changes).find((bearing) => !job.bearings.some((b) => b.id === Number(bearing)))
  if (strange !== undefined)
    throw new ServiceError('conflict', `Job ${id} has no bearing ${strange} any more.`, [], job)
  const draft = await draftAfter(change, changes, job)
  const fitting = change.fitting === undefined ? job.fitting : change.fitting
  // How the hub is filled, and how fast it turns, is typed beside the kit and decides its grease.
  const filledAnew = job.kit !== null && greaseChanged(job.fitting, fitting)
  const worked = draft === undefined && filledAnew ? job.kit : draft
  const kit = worked ? await kitToKeep(id, worked, fitting) : worked
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
          ...(given.decision !== undefined && decided(given.decision, language)),
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

/** An open job of a version. @throws ServiceError `notFound`, `conflict`, `settled` when it is closed */
export async function openJob(id: number, version: number): Promise<Job> {
  const stored = await db.findJob(id)
  if (!stored) throw noJob(id)
  if (stored.version !== version) throw conflict(id, stored)
  const job = toJob(stored)
  if (job.closedAt === null) return job
  throw new ServiceError('settled', `Job ${id} is closed. Open it again to change it.`, [], job)
}

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
  const { language } = await ready()
  const before = jobBearings(job)
  const { name, slot } = bearing
  // The kit takes the new decision into its place, in the same change.
  const draft =
    job.kit && decision
      ? await followed(job.kit, [...before, { name, slot, designation: decision.designation }], before)
      : null
  const kit = JSON.stringify(draft) === JSON.stringify(job.kit) ? null : draft
  const added = await db.addBearing(
    id,
    version,
    { ...bearing, ...decided(decision, language) },
    {
      undo: { added: true, ...(kit && { kit: job.kit }) },
      patch: kit ? { kit } : {},
      ...(kit && { kit: await kitToKeep(id, kit, job.fitting) }),
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
  const removed = await db.removeBearing(id, version, bearing, {
    patch: {},
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

/** Leaves out what is undefined: an absent field stays unchanged. */
const definedOnly = <T extends object>(patch: T): { [K in keyof T]?: Exclude<T[K], undefined> } =>
  Object.fromEntries(Object.entries(patch).filter(([, value]) => value !== undefined)) as {
    [K in keyof T]?: Exclude<T[K], undefined>
  }

/** What happened to a job, the latest first, a page at a time. @throws ServiceError `unreadable` */
export async function historyOf(jobId: number, input: unknown = {}): Promise<JobHistory> {
  const { limit, cursor } = parse(HistoryQuery, input)
  const events = await db.jobHistory(jobId, limit + 1, cursor)
  const { items, next } = pageOf(events, limit, (last) => String(last.id))
  return {
    items: items.map(({ id, kind, summary, who, at }) => ({ id, kind, summary, who, at: at.toISOString() })),
    next,
  }
}
