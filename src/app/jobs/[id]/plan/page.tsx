import type { Metadata } from 'next'
import { STAGE_WORDS } from '@/contract/choices'
import { PlanScreen } from '@/features/plan'

export const metadata: Metadata = { title: STAGE_WORDS.plan }

export default function Page() {
  return <PlanScreen />
}
