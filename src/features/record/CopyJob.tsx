'use client'

import { useRouter } from 'next/navigation'
import { useState } from 'react'
import { stagePath, useJob } from '@/features/job'
import * as texts from '@/texts/record'
import { call, errorMessage } from '@/ui/call'

const OTHER_SIDE: Readonly<Record<string, string>> = {
  left: 'right',
  right: 'left',
  inner: 'outer',
  outer: 'inner',
}

/** The same intake, bearings and kit once more: the other side is a position of this job, anything else a new job. */
export function CopyJob() {
  const { job } = useJob()
  const router = useRouter()
  const [error, setError] = useState('')
  const side = OTHER_SIDE[job.intake.side.trim().toLowerCase()] ?? ''
  const copy = () => {
    call('POST /api/jobs', {
      body: {
        title: `${job.title.slice(0, 140)}${side ? `, ${side}` : texts.copy}`,
        copyOf: job.id,
        ...(side && { partOf: job.id }),
        intake: { side },
      },
    })
      .then((made) => router.push(stagePath(made.id, 'takeIn')))
      .catch((thrown: unknown) => setError(errorMessage(thrown)))
  }
  return (
    <span>
      <button type="button" className="button" onClick={copy}>
        {side ? texts.copyForTheSide(side) : texts.copyToANewJob}
      </button>
      {error && (
        <span role="alert" className="ml-2 text-contra">
          {error}
        </span>
      )}
    </span>
  )
}
