import 'server-only'
import { z } from 'zod'
import { Bearing, JobChange } from '@/contract/job'
import { KitDraft } from '@/contract/kit'
import type { LiveEvent } from '@/db'
import type { Undoing } from './undoOf'

/** Changes of one thing within so short a time are undone together: a word is typed in several saves. */
const TOGETHER_MS = 10_000
/** What is typed letter by letter; everything else is an act of its own. */
const TYPED: ReadonlySet<string> = new Set(['title', 'intake', 'name', 'evidence', 'comparison'])
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
function changesOf(events: readonly LiveEvent[]): Done[] {
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

/**
 * The last change of a job with those before it that it goes on from: one act to its user.
 * @param events entries of the history, the latest first
 * @returns null when there is none, or it is not undone
 */
export function lastAct(events: readonly LiveEvent[]): Act | null {
  const [last, ...before] = changesOf(events)

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
