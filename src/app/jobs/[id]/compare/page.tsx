import type { Metadata } from 'next'
import { STAGE_LABELS } from '@/contract/choices'
import { CompareScreen } from '@/features/compare'

export const metadata: Metadata = { title: STAGE_LABELS.compare }

export default function Page() {
  return <CompareScreen />
}
