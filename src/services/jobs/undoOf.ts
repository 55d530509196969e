import 'server-only'
import type { z } from 'zod'
import type { Bearing, Job, JobChange } from '@/contract/job'

type Change = Omit<z.output<typeof JobChange>, 'version'>

/** What takes a change of a job back, as it is stored with the history. */
export type Undo =
  | { change: Change }
  /** a bearing was added, the last of the job; `kit` as it was, where it took the bearing in */
  | { added: true; kit?: Job['kit'] }
  | { removed: Bearing }

/** A change that is being undone. */
export interface Undoing {
  /** versions of the job it led to */
  versions: readonly number[]
  /** in words, as it stands in the history */
  summary: string
  /** as it was stored; the entry of the history keeps it */
  undo: unknown
}

const FIELDS = [
  'title',
  'machineId',
  'positionId',
  'intake',
  'kit',
  'fitting',
  'comebackOf',
  'freeOfCharge',
] as const
const OF_BEARING = ['name', 'slot', 'evidence', 'decision', 'comparison', 'inspection'] as const

/** The fields of `before` that `changed` names. */
function were<T extends object, K extends keyof T>(
  changed: object,
  before: T,
  names: readonly K[],
): Partial<T> {
  const given = changed as Partial<Record<K, unknown>>
  return Object.fromEntries(
    names.filter((name) => given[name] !== undefined).map((name) => [name, before[name]]),
  ) as unknown as Partial<T>
}

/**
 * What undoes a change: the fields it changes as they were.
 * @param before the job as it was
 * @returns undefined for what is not undone so: signing off, closing, opening again, reaching a stage
 */
export function undoOf(change: Change, before: Job): Undo | undefined {
  if (change.closed !== undefined) return undefined
  const signs = [before.fitting, change.fitting].map((fitting) => JSON.stringify(fitting?.signed ?? null))
  if (change.fitting !== undefined && signs[0] !== signs[1]) return undefined
  const fields = were(change, before, FIELDS)
  const bearings = Object.fromEntries(
    before.bearings.flatMap((bearing) => {
      const own = were(change.bearings?.[bearing.id] ?? {}, bearing, OF_BEARING)
      return Object.keys(own).length > 0 ? [[String(bearing.id), own] as const] : []
    }),
  )
  const given = {
    ...fields,
    ...(Object.keys(bearings).length > 0 && { bearings }),
  } as Change
  return Object.keys(given).length > 0 ? { change: given } : undefined
}
