import type { Metadata } from 'next'
import { NewJobForm } from '@/features/jobs'

export const metadata: Metadata = { title: 'New job' }

export default function Page() {
  return <NewJobForm />
}
