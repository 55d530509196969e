import 'server-only'
import { readFeature } from '@/core/compare'
import { withDecisions, type Arrangement, type JobBearing } from '@/core/kit'
import type { z } from 'zod'
import type { Job, JobChange } from '@/contract/job'
import type { KitDraft } from '@/contract/kit'
import { arrangementFor } from '../arrangements'
import { getCatalogue } from '../catalogueRuntime'
import { definedOnly } from './definedOnly'

/** Most bolts or lugs of one unit; more is a slip of the pen. */
const MAX_COUNTED = 20

export type Change = z.output<typeof JobChange>
/** Changes of bearings by their ids. */
export type Bearings = NonNullable<Change['bearings']>

/** The bearings of a job as its kit takes them. */
export const jobBearings = (job: Pick<Job, 'bearings'>): JobBearing[] =>
  job.bearings.map(({ name, slot, decision }) => ({ name, slot, designation: decision?.designation ?? null }))

/** The bearings as a change leaves them. */
export const afterChange = (job: Job, changes: Bearings): JobBearing[] =>
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
export async function followed(
  draft: KitDraft,
  after: readonly JobBearing[],
  before: readonly JobBearing[],
): Promise<KitDraft> {
  const [arrangement, { context, identifier }] = await Promise.all([
    arrangementFor(draft.arrangement).catch(() => null),
    getCatalogue(),
  ])
  if (!arrangement) return draft
  return {
    ...draft,
    parts: withDecisions(arrangement, draft.parts, after, { context, shelf: identifier.shelf }, before),
  }
}

/** The kit a change leaves: as given, with decisions in their places. Undefined = the kit does not change. */
export async function draftAfter(
  change: Change,
  changes: Bearings,
  job: Job,
): Promise<KitDraft | null | undefined> {
  if (change.kit === null) return null
  const [before, after] = [jobBearings(job), afterChange(job, changes)]
  const fresh = change.kit && job.kit?.arrangement !== change.kit.arrangement
  const moved = JSON.stringify(before) !== JSON.stringify(after)
  const draft = change.kit ?? job.kit
  if (!draft || (!change.kit && !moved)) return change.kit
  if (!fresh) return followed(draft, after, before)
  const arrangement = await arrangementFor(draft.arrangement).catch(() => null)
  const known = {
    ...draft,
    sizes: { ...measuredSizes(job), ...draft.sizes },
    ...(arrangement && { quantities: { ...countedPieces(arrangement, job), ...draft.quantities } }),
  }
  return followed(known, after, [])
}
