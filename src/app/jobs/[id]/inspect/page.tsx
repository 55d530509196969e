import type { Metadata } from 'next'
import { STAGE_LABELS } from '@/contract/choices'
import { InspectRequest } from '@/contract/judgement'
import { InspectScreen, inspectQuestion } from '@/features/inspect'
import { inspect } from '@/services/judgement'
import { parse } from '@/services/parse'
import { asked, WithInitial } from '../../../_initial/WithInitial'
import { bearingOfPage, type JobPage } from '../jobPage'

export const metadata: Metadata = { title: STAGE_LABELS.inspect }

export default function Page(page: JobPage) {
  const questions = async () => {
    const { job, bearing } = await bearingOfPage(page)
    if (!bearing) return []
    const question = inspectQuestion(job, bearing)
    return [asked('POST /api/inspect', question, () => inspect(parse(InspectRequest, question.body)))]
  }
  return (
    <WithInitial questions={questions}>
      <InspectScreen />
    </WithInitial>
  )
}
