import type { Metadata } from 'next'
import { STAGE_LABELS } from '@/contract/choices'
import { KitScreen } from '@/features/kit'

export const metadata: Metadata = { title: STAGE_LABELS.kit }

export default function Page() {
  return <KitScreen />
}
