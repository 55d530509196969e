'use client'

import type { Route } from 'next'
import { useRouter } from 'next/navigation'
import { useState } from 'react'
import { useJob } from '@/features/job'
import { send, wordsOf } from '@/ui/ask'
import { notifyDone } from '@/ui/notify'

/** Puts an open job into the bin; the message that says so brings it back. */
export function RemoveJob() {
  const { job, state } = useJob()
  const router = useRouter()
  const [error, setError] = useState('')
  if (job.closedAt !== null) return null
  const remove = () => {
    send('DELETE', `/api/jobs/${job.id}?version=${job.version}`)
      .then(() => {
        router.push('/jobs')
        return notifyDone(`Job ${job.id} removed`, () =>
          send('POST', `/api/bin/job/${job.id}`).then(() => router.push(`/jobs/${job.id}` as Route)),
        )
      })
      .catch((thrown: unknown) => setError(wordsOf(thrown)))
  }
  return (
    <>
      <button type="button" className="button" disabled={state.kind === 'saving'} onClick={remove}>
        Remove the job
      </button>
      {error && (
        <p role="alert" className="w-full text-contra">
          {error}
        </p>
      )}
    </>
  )
}
