import type { Metadata } from 'next'
import { NewJobForm } from '@/features/jobs'
import * as common from '@/texts/common'

export const metadata: Metadata = { title: common.newJob }

export default function Page() {
  return <NewJobForm />
}
