import 'server-only'
import { bearingOf } from '@/features/job'
import { jobOf } from './jobOf'

/** What a page of a job is given by its address. */
export interface JobPage {
  params: Promise<{ id: string }>
  searchParams: Promise<{ bearing?: string | string[] }>
}

/** The job of a page and the bearing its address names. */
export async function bearingOfPage({ params, searchParams }: JobPage) {
  const job = await jobOf((await params).id)
  return { job, bearing: bearingOf(job, Number((await searchParams).bearing)) }
}
