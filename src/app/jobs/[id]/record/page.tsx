import type { Metadata } from 'next'
import { STAGE_LABELS } from '@/contract/choices'
import { DAMAGE } from '@/core/inspect'
import { Record } from '@/features/record'
import { ServiceError } from '@/services/errors'
import { jobKit } from '@/services/jobKit'
import { historyOf, positionsOf, returnsOf } from '@/services/jobs'

/** Lines of the kit that stand in the machine; none before there is a kit. */
async function partsOf(id: number) {
  try {
    const { kit } = await jobKit(id)
    return kit.lines
      .filter(({ state, unit, role }) => state === 'filled' && unit === 'pcs' && role !== 'check')
      .map(({ label, designation, quantity, stays }) => ({ label, designation, quantity, stays }))
  } catch (error) {
    if (error instanceof ServiceError) return []
    throw error
  }
}

export const metadata: Metadata = { title: STAGE_LABELS.record }

export default async function Page({ params }: { params: Promise<{ id: string }> }) {
  const id = Number((await params).id)
  const [history, parts, { cameBackAs }, { positions }] = await Promise.all([
    historyOf(id),
    partsOf(id),
    returnsOf(id),
    positionsOf(id),
  ])
  const damageLabels = new Map(DAMAGE.map(({ id, label }) => [id, label]))
  return (
    <Record
      history={history}
      parts={parts}
      cameBackAs={cameBackAs}
      positions={positions}
      damageLabels={damageLabels}
    />
  )
}
