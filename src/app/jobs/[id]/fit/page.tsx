import type { Metadata } from 'next'
import { STAGE_LABELS } from '@/contract/choices'
import { firstSeatQuestion, FitStage } from '@/features/fits'
import { BLANK_FITTING } from '@/features/job'
import { seats } from '@/services/plan'
import { settings } from '@/services/settings'
import { askedFit } from '../../../_initial/askedFit'
import { asked, WithInitial } from '../../../_initial/WithInitial'
import { jobOf } from '../jobOf'

export const metadata: Metadata = { title: STAGE_LABELS.fit }

export default function Page({ params }: { params: Promise<{ id: string }> }) {
  const questions = async () => {
    const job = await jobOf((await params).id)
    const ofShop = asked('GET /api/settings', {}, settings)
    if (!job.kit) return [ofShop]
    const ofKit = await seats(job.id, {})
    return [
      ofShop,
      asked('GET /api/jobs/{id}/seats', { path: { id: job.id } }, () => Promise.resolve(ofKit)),
      ...askedFit(firstSeatQuestion(ofKit, job.fitting ?? BLANK_FITTING)),
    ]
  }
  return (
    <WithInitial questions={questions}>
      <FitStage />
    </WithInitial>
  )
}
