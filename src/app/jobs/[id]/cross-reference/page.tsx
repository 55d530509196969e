import type { Metadata } from 'next'
import { STAGE_LABELS } from '@/contract/choices'
import { applicationOf, CrossReference, sheetQuestion } from '@/features/part'
import { partSheet } from '@/services/partSheet'
import { asked, WithInitial } from '../../../_initial/WithInitial'
import { bearingOfPage, type JobPage } from '../jobPage'

export const metadata: Metadata = { title: STAGE_LABELS.crossReference }

export default function Page(page: JobPage) {
  const questions = async () => {
    const { job, bearing } = await bearingOfPage(page)
    if (!bearing?.decision) return []
    const { designation } = bearing.decision
    const question = sheetQuestion(designation, applicationOf(job.intake))
    return [asked('GET /api/part-sheet', question, () => partSheet(designation, question.query))]
  }
  return (
    <WithInitial questions={questions}>
      <CrossReference />
    </WithInitial>
  )
}
