import type { Metadata } from 'next'
import { STAGE_LABELS } from '@/contract/choices'
import { KitScreen } from '@/features/kit'
import { WithInitial } from '../../../_initial/WithInitial'
import { drawnKit } from '../drawnKit'
import { jobOf } from '../jobOf'

export const metadata: Metadata = { title: STAGE_LABELS.kit }

export default function Page({ params }: { params: Promise<{ id: string }> }) {
  return (
    <WithInitial questions={async () => drawnKit(await jobOf((await params).id))}>
      <KitScreen />
    </WithInitial>
  )
}
