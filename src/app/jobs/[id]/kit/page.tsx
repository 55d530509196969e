import type { Metadata } from 'next'
import { STAGE_WORDS } from '@/contract/choices'
import { KitScreen } from '@/features/kit'

export const metadata: Metadata = { title: STAGE_WORDS.kit }

export default function Page() {
  return <KitScreen />
}
