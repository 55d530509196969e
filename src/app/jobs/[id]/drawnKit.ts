import 'server-only'
import type { Job } from '@/contract/job'
import { KitDrawing } from '@/contract/kit'
import { kitQuestion } from '@/features/kit'
import { drawnKitFor } from '@/services/drawKit'
import { parse } from '@/services/parse'
import { asked } from '../../_initial/WithInitial'

/** The kit of a job as its screens ask for it; nothing where there is none yet. */
export function drawnKit({ id, kit }: Job) {
  if (!kit) return []
  const question = kitQuestion(id, kit)
  return [
    asked('POST /api/kits/draw', question, () =>
      drawnKitFor(parse(KitDrawing, question.body), question.body),
    ),
  ]
}
