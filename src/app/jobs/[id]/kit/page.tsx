import type { Metadata } from 'next'
import { STAGE_LABELS } from '@/contract/choices'
import { KitDrawing } from '@/contract/kit'
import { kitQuestion, KitScreen } from '@/features/kit'
import { drawnKitFor } from '@/services/drawKit'
import { parse } from '@/services/parse'
import { asked, WithInitial } from '../../../_initial/WithInitial'
import { jobOf } from '../jobOf'

export const metadata: Metadata = { title: STAGE_LABELS.kit }

export default function Page({ params }: { params: Promise<{ id: string }> }) {
  const questions = async () => {
    const { id, kit } = await jobOf((await params).id)
    if (!kit) return []
    const question = kitQuestion(id, kit)
    const { body } = question
    return [asked('POST /api/kits/draw', question, () => drawnKitFor(parse(KitDrawing, body), body))]
  }
  return (
    <WithInitial questions={questions}>
      <KitScreen />
    </WithInitial>
  )
}
