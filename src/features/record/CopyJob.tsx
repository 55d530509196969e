'use client'

import { useRouter } from 'next/navigation'
import { useState } from 'react'
import { stagePath, useJob } from '@/features/job'
import type { Job } from '@/services/schemas/job'
import { send, wordsOf } from '@/ui/ask'

const OTHER_SIDE: Readonly<Record<string, string>> = {
  left: 'right',
  right: 'left',
  inner: 'outer',
  outer: 'inner',
}

/** A new job with the same intake, bearings and kit, such as for the wheel on the other side. */
export function CopyJob() {
  const { job } = useJob()
  const router = useRouter()
  const [error, setError] = useState('')
  const side = OTHER_SIDE[job.intake.side.trim().toLowerCase()] ?? ''
  const copy = () => {
    send<Job>('POST', '/api/jobs', {
      title: `${job.title.slice(0, 140)}${side ? `, ${side}` : ', copy'}`,
      copyOf: job.id,
      intake: { side },
    })
      .then((made) => router.push(stagePath(made.id, 'takeIn')))
      .catch((thrown: unknown) => setError(wordsOf(thrown)))
  }
  return (
    <span>
      <button type="button" className="button" onClick={copy}>
        {side ? `Copy for the ${side} side` : 'Copy to a new job'}
      </button>
      {error && (
        <span role="alert" className="ml-2 text-contra">
          {error}
        </span>
      )}
    </span>
  )
}
