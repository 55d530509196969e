import { JobList } from '@/features/jobs'
import { latestJobs, machines } from '@/services/jobs'

export default async function Page() {
  const [jobs, all] = await Promise.all([latestJobs(), machines()])
  return <JobList today={new Date().toISOString().slice(0, 10)} jobs={jobs} machines={all} />
}
