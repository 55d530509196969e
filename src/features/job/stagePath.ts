import type { Route } from 'next'
import type { Stage } from '@/contract/choices'

const PATHS: Record<Stage, string> = {
  takeIn: '',
  identify: '/identify',
  crossReference: '/cross-reference',
  compare: '/compare',
  kit: '/kit',
  inspect: '/inspect',
  fit: '/fit',
  plan: '/plan',
  record: '/record',
}

/** The page of a stage; `bearing` keeps the bearing that is worked on. */
export const stagePath = (jobId: number, stage: Stage, bearing?: number | string | null): Route =>
  `/jobs/${jobId}${PATHS[stage]}${bearing ? `?bearing=${bearing}` : ''}` as Route
