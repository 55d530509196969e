import type { Metadata } from 'next'
import { STAGE_LABELS } from '@/contract/choices'
import { JobIdentify } from '@/features/identify'

export const metadata: Metadata = { title: STAGE_LABELS.identify }

export default function Page() {
  return <JobIdentify />
}
