import type { Job, JobChange } from '@/contract/job'

export type JobPatch = Omit<JobChange, 'version'>

/** The job with a change in it, before the server has answered. */
export function withPatch(job: Job, { bearings, ...patch }: JobPatch): Job {
  return {
    ...job,
    ...patch,
    bearings: job.bearings.map((b) => ({ ...b, ...bearings?.[b.id] })),
  } as Job
}
