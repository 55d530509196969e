'use client'

import dynamic from 'next/dynamic'
import type { ReactNode } from 'react'
import { Frame, type KeyHint } from '@/features/shell'
import type { Stage } from '@/contract/choices'
import * as common from '@/texts/common'
import * as texts from '@/texts/job'
import { BearingRail } from './BearingRail'
import { useJob } from './JobContext'
import { PositionRail } from './PositionRail'
import { SaveMessage } from './SaveMessage'
import { StageRail } from './StageRail'
import { UndoButton } from './UndoButton'

/** What most jobs never show, loaded when one does. */
const ConflictBar = dynamic(() => import('./RareBars').then((bars) => bars.ConflictBar), { ssr: false })
const UnreadableBar = dynamic(() => import('./RareBars').then((bars) => bars.UnreadableBar), { ssr: false })

/** A closed job changes only by opening it again. */
function ClosedBar() {
  const { job, change, state } = useJob()
  if (job.closedAt === null || state.kind === 'conflict') return null
  return (
    <div role="status" className="flex items-center gap-3 border-b border-line bg-wash px-5 py-2">
      <p className="mr-auto">
        <b>{texts.thisJobIsClosed}</b> {texts.whatIsTypedHere}
      </p>
      <button
        type="button"
        className="button shrink-0 whitespace-nowrap"
        onClick={() => change({ closed: false })}
      >
        {texts.openItAgain}
      </button>
    </div>
  )
}

const UNDO_HINT: KeyHint = { keys: 'Ctrl Z', label: texts.undoTheLastChangeOf }

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
      <b className="font-semibold text-ink">{common.jobNumber(job.id)}</b> · {job.title}
      {job.bearings.length > 1 && ` · ${bearing.name || texts.bearing(bearing.ordinal)}`}
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
      state={<SaveMessage state={state} />}
      act={<UndoButton />}
      hints={[...hints, UNDO_HINT]}
    >
      <div className="grid h-full min-h-0 grid-rows-[auto_minmax(0,1fr)]">
        <div>
          {state.kind === 'conflict' && <ConflictBar />}
          <ClosedBar />
          {job.unreadable.length > 0 && <UnreadableBar />}
        </div>
        <div className="min-h-0 overflow-hidden">{children}</div>
      </div>
    </Frame>
  )
}
