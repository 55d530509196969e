import type { Metadata } from 'next'
import { STAGE_LABELS } from '@/contract/choices'
import { InspectScreen } from '@/features/inspect'

export const metadata: Metadata = { title: STAGE_LABELS.inspect }

export default function Page() {
  return <InspectScreen />
}
