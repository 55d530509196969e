'use client'

import type { Route } from 'next'
import { useRouter } from 'next/navigation'
import { useState } from 'react'
import { useJob } from '@/features/job'
import * as texts from '@/texts/record'
import { call, errorMessage } from '@/ui/call'
import { notifyDone } from '@/ui/notify'

/** Puts an open job into the bin; the message that says so brings it back. */
export function RemoveJob() {
  const { job, state } = useJob()
  const router = useRouter()
  const [error, setError] = useState('')
  if (job.closedAt !== null) return null
  const remove = () => {
    call('DELETE /api/jobs/{id}', { path: { id: job.id }, query: { version: String(job.version) } })
      .then(() => {
        router.push('/jobs')
        return notifyDone(texts.jobRemoved(job.id), () =>
          call('POST /api/bin/{kind}/{key}', { path: { kind: 'job', key: job.id } }).then(() =>
            router.push(`/jobs/${job.id}` as Route),
          ),
        )
      })
      .catch((thrown: unknown) => setError(errorMessage(thrown)))
  }
  return (
    <>
      <button type="button" className="button" disabled={state.kind === 'saving'} onClick={remove}>
        {texts.removeTheJob}
      </button>
      {error && (
        <p role="alert" className="w-full text-contra">
          {error}
        </p>
      )}
    </>
  )
}
