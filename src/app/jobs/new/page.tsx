import type { Metadata } from 'next'
import { NewJobForm } from '@/features/jobs'
import { machines } from '@/services/jobs'

export const metadata: Metadata = { title: 'New job' }

export default async function Page() {
  return <NewJobForm machines={await machines()} />
}
