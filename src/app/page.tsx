import { connection } from 'next/server'
import { JobList } from '@/features/jobs'
import { listJobs } from '@/services/jobs'

export default async function Page() {
  await connection()
  const page = await listJobs({ open: 'true' })
  return <JobList initial={page} />
}
