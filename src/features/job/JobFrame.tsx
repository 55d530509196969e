'use client'

import type { ReactNode } from 'react'
import { Frame, type KeyHint } from '@/features/shell'
import type { Stage } from '@/services/schemas/job'
import { useJob } from './JobContext'
import { SaveWords } from './SaveWords'
import { StageRail } from './StageRail'

function ConflictBar() {
  const { state, keepMine, takeTheirs } = useJob()
  if (state.kind !== 'conflict') return null
  return (
    <div role="alert" className="flex items-center gap-3 border-b border-line bg-wash px-5 py-2">
      <p className="mr-auto">
        <b>This job was changed on another screen.</b> Your entries are kept. Which shall stand?
      </p>
      <button type="button" className="button" onClick={takeTheirs}>
        Take the other
      </button>
      <button type="button" className="button" onClick={keepMine}>
        Keep mine
      </button>
    </div>
  )
}

/** The frame of one stage of a job. */
export function JobFrame({
  stage,
  hints,
  children,
}: {
  stage: Stage
  hints?: readonly KeyHint[]
  children: ReactNode
}) {
  const { job, state } = useJob()
  const about = (
    <>
      <b className="font-semibold text-ink">Job {job.id}</b> · {job.title}
    </>
  )
  return (
    <Frame
      about={about}
      rail={<StageRail jobId={job.id} now={stage} reached={job.stage} />}
      state={<SaveWords state={state} />}
      {...(hints && { hints })}
    >
      <ConflictBar />
      {children}
    </Frame>
  )
}
