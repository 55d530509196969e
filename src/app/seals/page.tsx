import type { Metadata } from 'next'
import { SealsScreen, sealsQuestion } from '@/features/seals'
import { sealsFor } from '@/services/sealsFor'
import * as texts from '@/texts/pages'
import { asked, WithInitial } from '../_initial/WithInitial'

export const metadata: Metadata = { title: texts.sealsAndWearSleeves }

const NAMES = ['shaft', 'housing', 'width', 'rpm', 'temperatureC', 'medium', 'lip']

export default async function Page({
  searchParams,
}: {
  searchParams: Promise<Record<string, string | string[]>>
}) {
  const given = Object.entries(await searchParams).flatMap(([name, value]) =>
    NAMES.includes(name) && typeof value === 'string' ? [[name, value.slice(0, 40)]] : [],
  )
  const initial = Object.fromEntries(given)
  const question = sealsQuestion(initial)
  const questions = () =>
    Promise.resolve(question ? [asked('GET /api/seals', question, () => sealsFor(question.query))] : [])
  return (
    <WithInitial questions={questions}>
      <SealsScreen initial={initial} />
    </WithInitial>
  )
}
