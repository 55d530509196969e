'use client'

import type { Route } from 'next'
import { useRouter } from 'next/navigation'
import { useState } from 'react'
import { Frame } from '@/features/shell'
import type { EvidenceSheet } from '@/contract/evidence'
import type { Decision, Job } from '@/contract/job'
import { stagePath } from '@/features/job'
import * as texts from '@/texts/identify'
import { call, errorMessage } from '@/ui/call'
import { IDENTIFY_HINTS, IdentifyBench } from './IdentifyBench'
import { sheetToQuery } from './sheet'

/** What was looked up becomes a job of its own. @throws ApiError */
async function openJob(sheet: EvidenceSheet, decision: Decision): Promise<Job> {
  const job = await call('POST /api/jobs', { body: { title: decision.designation, evidence: sheet } })
  return call('PATCH /api/jobs/{id}', {
    path: { id: job.id },
    body: {
      version: job.version,
      decision,
      stage: 'crossReference',
    },
  })
}

/** What was looked up becomes a bearing of a job that is there, such as its outer set. @throws ApiError */
async function intoJob(id: number, name: string, sheet: EvidenceSheet, decision: Decision): Promise<Job> {
  const { version } = await call('GET /api/jobs/{id}', { path: { id } })
  return call('POST /api/jobs/{id}/bearings', {
    path: { id },
    body: { version, name, evidence: sheet, decision },
  })
}

/** A look-up without a job: its state is the address, so that it can be sent; it can become a job. */
export function QuickLookUp({ initial }: { initial: EvidenceSheet }) {
  const [sheet, setSheet] = useState(initial)
  const [error, setError] = useState('')
  const [target, setTarget] = useState({ job: '', name: '' })
  const router = useRouter()
  const change = (next: EvidenceSheet) => {
    setSheet(next)
    window.history.replaceState(null, '', `/identify${sheetToQuery(next)}`)
  }
  const decide = ({ designation, base, probability }: Decision) => {
    const into = Number(target.job)
    if (into > 0)
      return intoJob(into, target.name, sheet, { designation, base, probability })
        .then((job) => router.push(stagePath(job.id, 'kit', job.bearings.at(-1)?.id)))
        .catch((thrown: unknown) => setError(errorMessage(thrown)))
    return openJob(sheet, { designation, base, probability })
      .then((job) => router.push(`/jobs/${job.id}/cross-reference` as Route))
      .catch(() => setError(texts.theJobCouldNot))
  }
  return (
    <Frame
      about={<b className="font-semibold text-ink">{texts.quickLookUp}</b>}
      hints={IDENTIFY_HINTS}
      state={error || texts.notOnAJobYet}
    >
      <div className="grid h-full min-h-0 grid-rows-[minmax(0,1fr)_auto]">
        <IdentifyBench
          example
          sheet={sheet}
          onChange={change}
          actionText={Number(target.job) > 0 ? texts.useInJob(target.job) : texts.createJob}
          onUse={(decision) => void decide(decision)}
          onOwnPart={(designation) => void decide({ designation, base: designation, probability: null })}
        />
        <div className="beside-pad flex items-center gap-2 border-t border-line px-[18px] py-1.5 text-[0.875rem] text-ink2">
          <label className="flex items-center gap-2">
            {texts.asAnotherBearingOfJob}
            <input
              className="field number w-[84px] min-h-9"
              inputMode="numeric"
              data-length
              placeholder={texts.number}
              value={target.job}
              onChange={(e) => setTarget({ ...target, job: e.target.value.replace(/\D/g, '').slice(0, 9) })}
            />
          </label>
          <label className="flex items-center gap-2">
            {texts.called}
            <input
              className="field min-h-9 w-[120px]"
              data-takes-marks
              placeholder={texts.outer}
              maxLength={60}
              value={target.name}
              onChange={(e) => setTarget({ ...target, name: e.target.value })}
            />
          </label>
        </div>
      </div>
    </Frame>
  )
}
