'use client'

import type { ReactNode } from 'react'
import { Frame, type KeyHint } from '@/features/shell'
import type { Stage } from '@/contract/choices'
import { BearingRail } from './BearingRail'
import { useJob } from './JobContext'
import { PositionRail } from './PositionRail'
import { SaveWords } from './SaveWords'
import { StageRail } from './StageRail'
import { UndoButton } from './UndoButton'

function ConflictBar() {
  const { state, keepMine, takeTheirs } = useJob()
  if (state.kind !== 'conflict') return null
  return (
    <div role="alert" className="flex items-center gap-3 border-b border-line bg-wash px-5 py-2">
      <p className="mr-auto">
        <b>This job was changed on another screen.</b> Your entries are kept. Which version do you want to
        keep?
      </p>
      <button type="button" className="button" onClick={takeTheirs}>
        Use theirs, discard mine
      </button>
      <button type="button" className="button" onClick={keepMine}>
        Keep mine, overwrite theirs
      </button>
    </div>
  )
}

/** A closed job changes only by opening it again. */
function ClosedBar() {
  const { job, change, state } = useJob()
  if (job.closedAt === null || state.kind === 'conflict') return null
  return (
    <div role="status" className="flex items-center gap-3 border-b border-line bg-wash px-5 py-2">
      <p className="mr-auto">
        <b>This job is closed.</b> What is typed here is not kept until it is opened again.
      </p>
      <button
        type="button"
        className="button shrink-0 whitespace-nowrap"
        onClick={() => change({ closed: false })}
      >
        Open it again
      </button>
    </div>
  )
}

/** Stored entries that cannot be read: shown, so that nobody takes them for empty. */
function UnreadableBar() {
  const { job } = useJob()
  if (job.unreadable.length === 0) return null
  return (
    <details className="border-b border-line bg-wash px-5 py-2">
      <summary className="min-h-8 cursor-pointer font-semibold text-contra">
        Set aside, because it cannot be read:{' '}
        {job.unreadable.map(({ what }) => what.toLowerCase()).join('; ')}
      </summary>
      {job.unreadable.map(({ what, text }) => (
        <p key={what} className="number break-all text-[0.8125rem] text-ink2">
          {what}: {text}
        </p>
      ))}
    </details>
  )
}

const UNDO_HINT: KeyHint = { keys: 'Ctrl Z', words: 'undo the last change of the job' }

/** The frame of one stage of a job. */
export function JobFrame({
  stage,
  hints = [],
  children,
}: {
  stage: Stage
  hints?: readonly KeyHint[]
  children: ReactNode
}) {
  const { job, bearing, state } = useJob()
  const about = (
    <>
      <b className="font-semibold text-ink">Job {job.id}</b> · {job.title}
      {job.bearings.length > 1 && ` · ${bearing.name || `bearing ${bearing.ordinal}`}`}
    </>
  )
  return (
    <Frame
      about={about}
      rail={
        <div className="flex min-h-0 min-w-0 items-center overflow-auto border-line [scrollbar-width:thin] max-lg:border-b lg:flex-col lg:items-stretch lg:overflow-x-hidden lg:border-r">
          <StageRail now={stage} />
          <BearingRail />
          <PositionRail />
        </div>
      }
      state={<SaveWords state={state} />}
      act={<UndoButton />}
      hints={[...hints, UNDO_HINT]}
    >
      <div className="grid h-full min-h-0 grid-rows-[auto_minmax(0,1fr)]">
        <div>
          <ConflictBar />
          <ClosedBar />
          <UnreadableBar />
        </div>
        <div className="min-h-0 overflow-hidden">{children}</div>
      </div>
    </Frame>
  )
}
