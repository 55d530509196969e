import type { Metadata } from 'next'
import { STAGE_WORDS } from '@/contract/choices'
import { InspectScreen } from '@/features/inspect'

export const metadata: Metadata = { title: STAGE_WORDS.inspect }

export default function Page() {
  return <InspectScreen />
}
