import type { Metadata } from 'next'
import { STAGE_LABELS } from '@/contract/choices'
import { FitStage } from '@/features/fits'

export const metadata: Metadata = { title: STAGE_LABELS.fit }

export default function Page() {
  return <FitStage />
}
