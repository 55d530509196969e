import type { Metadata } from 'next'
import { STAGE_WORDS } from '@/contract/choices'
import { CompareScreen } from '@/features/compare'

export const metadata: Metadata = { title: STAGE_WORDS.compare }

export default function Page() {
  return <CompareScreen />
}
