import { CLASH, merged } from '@/core/history'
import type { Job } from '@/contract/job'
import type { JobPatch } from './withPatch'

/** The fields of a change merged; null when one of them clashes. */
function mergedFields(base: object, patch: object, theirs: object): Record<string, unknown> | null {
  const fields: Record<string, unknown> = {}
  for (const [name, mine] of Object.entries(patch)) {
    if (mine === undefined) continue
    const value = merged(
      (base as Record<string, unknown>)[name],
      mine,
      (theirs as Record<string, unknown>)[name],
    )
    if (value === CLASH) return null
    fields[name] = value
  }
  return fields
}

/**
 * Our change on top of what somebody else saved meanwhile, where both changed different things.
 * @param base the job both began with
 * @param theirs the job as it is stored now
 * @returns null when both changed one thing, or the change closes or opens the job: then somebody has to choose
 */
export function mergePatch(base: Job, patch: JobPatch, theirs: Job): JobPatch | null {
  const { bearings = {}, closed, stage, ...ofJob } = patch
  if (closed !== undefined || theirs.closedAt !== null || theirs.id !== base.id) return null
  const fields = mergedFields(base, ofJob, theirs)
  if (!fields) return null
  const mine: NonNullable<JobPatch['bearings']> = {}
  for (const [id, change] of Object.entries(bearings)) {
    const [was, is] = [base, theirs].map((job) => job.bearings.find((b) => b.id === Number(id)))
    const own = was && is && mergedFields(was, change, is)
    if (!own) return null
    mine[id] = own
  }
  return {
    ...fields,
    ...(stage !== undefined && { stage }),
    ...(Object.keys(mine).length > 0 && { bearings: mine }),
  }
}
