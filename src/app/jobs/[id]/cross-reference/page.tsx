import type { Metadata } from 'next'
import { STAGE_WORDS } from '@/contract/choices'
import { CrossReference } from '@/features/part'

export const metadata: Metadata = { title: STAGE_WORDS.crossReference }

export default function Page() {
  return <CrossReference />
}
