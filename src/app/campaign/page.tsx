import type { Metadata } from 'next'
import { connection } from 'next/server'
import { CampaignScreen } from '@/features/campaign'
import { listJobs } from '@/services/jobs'
import * as texts from '@/texts/pages'

export const metadata: Metadata = { title: texts.serviceCampaign }

export default async function Page() {
  await connection()
  const { items, next } = await listJobs({ limit: 200 })
  return <CampaignScreen jobs={items.filter(({ kit }) => kit !== null)} more={next !== null} />
}
