'use client'

import Link from 'next/link'
import { useEffect, useState } from 'react'
import { JobFrame, stagePath, useJob } from '@/features/job'
import type { PartSheetData } from '@/services/partSheet'
import { PartView } from './PartView'

type Held = { kind: 'asking' } | { kind: 'found'; data: PartSheetData } | { kind: 'refused'; detail: string }

function usePartSheet(designation: string | undefined): Held {
  const [held, setHeld] = useState<Held>({ kind: 'asking' })
  useEffect(() => {
    if (!designation) return
    const stop = new AbortController()
    fetch(`/api/part-sheet?designation=${encodeURIComponent(designation)}`, { signal: stop.signal })
      .then(async (response) => {
        const body: unknown = await response.json()
        setHeld(
          response.ok
            ? { kind: 'found', data: body as PartSheetData }
            : { kind: 'refused', detail: (body as { detail: string }).detail },
        )
      })
      .catch((error: unknown) => {
        if (!(error instanceof DOMException))
          setHeld({ kind: 'refused', detail: 'The server is away. Try again in a moment.' })
      })
    return () => stop.abort()
  }, [designation])
  return held
}

/** Cross-reference of a job: what may stand in for the part that was decided on. */
export function CrossReference() {
  const { job, change } = useJob()
  const decision = job.decision
  const held = usePartSheet(decision?.designation)
  return (
    <JobFrame stage="crossReference">
      {!decision && (
        <div className="mx-auto max-w-[46ch] pt-24 text-center">
          <p className="mb-4 text-ink2">
            Nothing is decided yet. Identify the part first, then this page shows what else fits in its place.
          </p>
          <Link href={stagePath(job.id, 'identify')} data-primary className="button">
            Identify it
          </Link>
        </div>
      )}
      {decision && held.kind === 'refused' && (
        <p role="alert" className="m-6 rounded-lg border border-contra p-4 text-contra">
          {held.detail}
        </p>
      )}
      {decision && held.kind === 'found' && (
        <div className="flex h-full min-h-0 flex-col">
          <div className="min-h-0 flex-1">
            <PartView
              data={held.data}
              used={decision.designation}
              onUse={(designation) =>
                change({ decision: { ...decision, designation }, stage: 'crossReference' })
              }
            />
          </div>
          <div className="flex items-center gap-3 border-t border-line bg-sheet px-[18px] py-2">
            <p className="mr-auto text-ink2">
              On this job: <b className="number text-ink">{decision.designation}</b>
            </p>
            <Link
              href={stagePath(job.id, 'kit')}
              data-primary
              className="button"
              onClick={() => change({ stage: 'kit' })}
            >
              Build the kit
            </Link>
          </div>
        </div>
      )}
    </JobFrame>
  )
}
