import type { Metadata } from 'next'
import { connection } from 'next/server'
import { CampaignScreen } from '@/features/campaign'
import { latestJobs } from '@/services/jobs'

export const metadata: Metadata = { title: 'Service campaign' }

export default async function Page() {
  await connection()
  const jobs = await latestJobs()
  return <CampaignScreen jobs={jobs.filter((job) => job.kit !== null)} />
}
