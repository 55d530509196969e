import 'server-only'
import { z } from 'zod'
import * as db from '@/db'
import { Bearing, JobChange, AtVersion, type Job, type JobUndone } from '@/contract/job'
import { KitDraft } from '@/contract/kit'
import { ServiceError } from '../errors'
import { kitToKeep } from '../keptKit'
import { ready } from '../language'
import { parse } from '../parse'
import { noJob } from './getJob'
import { applyChange, conflict, decided, openJob } from './jobs'
import { toJob } from './toJob'
import type { Undoing } from './undoOf'

/** Changes of one thing within so short a time are undone together: a word is typed in several saves. */
const TOGETHER_MS = 10_000
/** What is typed letter by letter; everything else is an act of its own. */
const TYPED: ReadonlySet<string> = new Set(['title', 'intake', 'name', 'evidence', 'comparison'])
/** Entries of the history that are looked through. */
const LOOKED_THROUGH = 60

const StoredUndo = z.union([
  z.object({ change: JobChange.omit({ version: true }) }),
  z.object({ added: z.literal(true), kit: KitDraft.nullable().optional() }),
  z.object({ removed: Bearing }),
])
type StoredUndo = z.output<typeof StoredUndo>

interface Done {
  version: number
  summaries: string[]
  undo: StoredUndo | null
  at: number
}

/** Entries by the change they belong to, the latest first, up to the first that belongs to none. */
function changesOf(events: readonly db.LiveEvent[]): Done[] {
  const done: Done[] = []
  for (const { version, summary, undo, at } of events) {
    if (version === null) break
    const last = done.at(-1)
    const one = last?.version === version ? last : { version, summaries: [], undo: null, at: at.getTime() }
    if (one !== last) done.push(one)
    one.summaries.unshift(summary)
    if (undo !== null) one.undo = StoredUndo.safeParse(JSON.parse(undo)).data ?? null
  }
  return done
}

/** Which typed fields a change is of; null = something beside them. */
function typedFields(undo: StoredUndo): string | null {
  if (!('change' in undo)) return null
  const { bearings = {}, ...ofJob } = undo.change
  const fields = [
    ...Object.keys(ofJob).map((field) => ['', field] as const),
    ...Object.entries(bearings).flatMap(([id, change]) =>
      Object.keys(change).map((field) => [id, field] as const),
    ),
  ]
  return fields.every(([, field]) => TYPED.has(field)) ? JSON.stringify(fields.sort()) : null
}

interface Act extends Undoing {
  versions: number[]
  undo: StoredUndo
}

/** The last change with those before it that it goes on from: one act to its user. */
function lastAct([last, ...before]: readonly Done[]): Act | null {
  const undo = last?.undo
  if (!last || !undo) return null
  const act: Act = {
    versions: [last.version],
    summary: last.summaries.join('; '),
    undo,
  }
  const fields = typedFields(undo)
  let at = last.at
  for (const { version, undo: earlier, at: then } of before) {
    if (!earlier || fields === null || typedFields(earlier) !== fields || at - then > TOGETHER_MS) break
    act.versions.push(version)
    act.undo = earlier
    at = then
  }
  return act
}

/** What a bearing was, back in its place. */
async function putBack(job: Job, bearing: Bearing, act: Undoing) {
  const { language } = await ready()
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
      ...decided(decision, language),
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
export async function undoLast(id: number, input: unknown): Promise<JobUndone> {
  const { version } = parse(AtVersion, input)
  const job = await openJob(id, version)
  const events = await db.liveEvents(id, LOOKED_THROUGH)
  const act = lastAct(changesOf(events))
  if (!act)
    throw new ServiceError(
      'impossible',
      events[0] && events.length > 1
        ? `“${events[0].summary}” is not undone here.`
        : 'Nothing was changed yet that could be undone.',
    )
  const { undo } = act
  if ('change' in undo)
    return { job: await applyChange(id, { ...undo.change, version }, act), undone: act.summary }
  const stored =
    'removed' in undo
      ? await putBack(job, undo.removed, act)
      : await db.removeBearing(id, version, Math.max(...job.bearings.map((b) => b.id)), {
          patch: undo.kit === undefined ? {} : { kit: undo.kit },
          ...(undo.kit && { kit: await kitToKeep(id, undo.kit, job.fitting) }),
          events: [{ kind: 'undo', summary: `Undone: ${act.summary}`, content: undo }],
          undoes: act.versions,
        })
  if (!stored) throw noJob(id)
  if (stored.conflict) throw conflict(id, stored.job)
  return { job: toJob(stored.job), undone: act.summary }
}
