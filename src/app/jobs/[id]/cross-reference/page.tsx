import type { Metadata } from 'next'
import { STAGE_LABELS } from '@/contract/choices'
import { CrossReference } from '@/features/part'

export const metadata: Metadata = { title: STAGE_LABELS.crossReference }

export default function Page() {
  return <CrossReference />
}
