import type { Metadata } from 'next'
import { STAGE_LABELS } from '@/contract/choices'
import { PlanScreen } from '@/features/plan'
import { jobPlan } from '@/services/plan'
import { asked, WithInitial } from '../../../_initial/WithInitial'
import { jobOf } from '../jobOf'

export const metadata: Metadata = { title: STAGE_LABELS.plan }

export default function Page({ params }: { params: Promise<{ id: string }> }) {
  const questions = async () => {
    const job = await jobOf((await params).id)
    const plan = async () => (await jobPlan(job.id)).plan
    return [asked('GET /api/jobs/{id}/plan', { path: { id: job.id } }, plan)]
  }
  return (
    <WithInitial questions={questions}>
      <PlanScreen />
    </WithInitial>
  )
}
