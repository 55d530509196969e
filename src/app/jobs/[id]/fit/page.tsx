import type { Metadata } from 'next'
import { STAGE_WORDS } from '@/contract/choices'
import { FitStage } from '@/features/fits'

export const metadata: Metadata = { title: STAGE_WORDS.fit }

export default function Page() {
  return <FitStage />
}
