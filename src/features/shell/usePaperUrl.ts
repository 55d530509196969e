'use client'

import { urlOf } from '@/ui/call'
import { usePreferences } from './Preferences'

type Paper = `GET /api/jobs/{id}/${'kit' | 'card' | 'labels' | 'quote'}.pdf`

/** The address of a paper of a job, in the units that were chosen. */
export function usePaperUrl(): (paper: Paper, jobId: number) => string {
  const { unit } = usePreferences()
  return (paper, jobId) =>
    urlOf(paper, { path: { id: jobId }, ...(unit === 'in' && { query: { units: unit } }) })
}
