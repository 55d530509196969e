'use client'

import { useRouter } from 'next/navigation'
import { JobFrame, useJob } from '@/features/job'
import type { Decision } from '@/contract/job'
import * as texts from '@/texts/identify'
import { IDENTIFY_HINTS, IdentifyBench } from './IdentifyBench'

/** The identification of a job: evidence is saved while it is typed. */
export function JobIdentify() {
  const { job, change, pathTo } = useJob()
  const router = useRouter()
  const decide = ({ designation, base, probability }: Decision) => {
    change({ decision: { designation, base, probability }, stage: 'crossReference' })
    router.push(pathTo('crossReference'))
  }
  return (
    <JobFrame stage="identify" hints={IDENTIFY_HINTS}>
      <IdentifyBench
        sheet={job.evidence}
        onChange={(evidence) => change({ evidence, stage: 'identify' })}
        actionText={texts.useThis}
        onUse={decide}
        onOwnPart={(designation) => decide({ designation, base: designation, probability: null })}
      />
    </JobFrame>
  )
}
