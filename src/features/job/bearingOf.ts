import type { Bearing, Job } from '@/contract/job'

/** The bearing an address names by `?bearing=`, else the first of the job. */
export const bearingOf = ({ bearings }: Job, wanted: number): Bearing | undefined =>
  bearings.find(({ id }) => id === wanted) ?? bearings[0]
