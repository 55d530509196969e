import type { Metadata } from 'next'
import { STAGE_LABELS } from '@/contract/choices'
import { PlanScreen } from '@/features/plan'

export const metadata: Metadata = { title: STAGE_LABELS.plan }

export default function Page() {
  return <PlanScreen />
}
