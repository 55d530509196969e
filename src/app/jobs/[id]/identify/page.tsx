import type { Metadata } from 'next'
import { STAGE_WORDS } from '@/contract/choices'
import { JobIdentify } from '@/features/identify'

export const metadata: Metadata = { title: STAGE_WORDS.identify }

export default function Page() {
  return <JobIdentify />
}
