import type { Metadata } from 'next'
import { STAGE_LABELS } from '@/contract/choices'
import { TakeIn } from '@/features/intake'
import * as texts from '@/texts/pages'

interface Props {
  params: Promise<{ id: string }>
}

/** The title pattern of the job holds for the screens below this one only. */
export async function generateMetadata({ params }: Props): Promise<Metadata> {
  return { title: { absolute: texts.jobAmberSocket(STAGE_LABELS.takeIn, (await params).id) } }
}

export default function Page() {
  return <TakeIn />
}
