'use client'

import type { Route } from 'next'
import { useRouter } from 'next/navigation'
import { useState } from 'react'
import { Frame } from '@/features/shell'
import type { EvidenceSheet } from '@/services/schemas/evidence'
import type { Decision, Job } from '@/services/schemas/job'
import { IDENTIFY_HINTS, IdentifyBench } from './IdentifyBench'
import { sheetToQuery } from './sheet'

async function openJob(sheet: EvidenceSheet, decision: Decision): Promise<Job> {
  const headers = { 'content-type': 'application/json' }
  const opened = await fetch('/api/jobs', {
    method: 'POST',
    headers,
    body: JSON.stringify({ title: decision.designation, evidence: sheet }),
  })
  if (!opened.ok) throw new Error('The job could not be opened')
  const job = (await opened.json()) as Job
  const body = JSON.stringify({
    version: job.version,
    decision,
    stage: 'crossReference',
  })
  const decided = await fetch(`/api/jobs/${job.id}`, { method: 'PATCH', headers, body })
  if (!decided.ok) throw new Error('The decision could not be saved')
  return job
}

/** A look-up without a job: its state is the address, so that it can be sent; it can become a job. */
export function QuickLookUp({ initial }: { initial: EvidenceSheet }) {
  const [sheet, setSheet] = useState(initial)
  const [trouble, setTrouble] = useState('')
  const router = useRouter()
  const change = (next: EvidenceSheet) => {
    setSheet(next)
    window.history.replaceState(null, '', `/identify${sheetToQuery(next)}`)
  }
  const decide = ({ designation, base, probability }: Decision) => {
    openJob(sheet, { designation, base, probability })
      .then((job) => router.push(`/jobs/${job.id}/cross-reference` as Route))
      .catch(() =>
        setTrouble('The job could not be opened. What you typed is kept in the address; try again.'),
      )
  }
  return (
    <Frame
      about={<b className="font-semibold text-ink">Quick look-up</b>}
      hints={IDENTIFY_HINTS}
      state={trouble || 'Not on a job yet'}
    >
      <IdentifyBench
        sheet={sheet}
        onChange={change}
        actionWords="Make it a job"
        onUse={decide}
        onKept={(designation) => decide({ designation, base: designation, probability: null })}
      />
    </Frame>
  )
}
