import type { Route } from 'next'
import { STAGE_PATHS, type Stage } from '@/contract/choices'

/** The page of a stage; `bearing` keeps the bearing that is worked on. */
export const stagePath = (jobId: number, stage: Stage, bearing?: number | string | null): Route =>
  `/jobs/${jobId}${STAGE_PATHS[stage]}${bearing ? `?bearing=${bearing}` : ''}` as Route
