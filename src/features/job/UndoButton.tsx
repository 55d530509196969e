'use client'

import { Undo2 } from 'lucide-react'
import { useCallback } from 'react'
import * as texts from '@/texts/job'
import { call, errorMessage } from '@/ui/call'
import { notifyDone } from '@/ui/notify'
import { useKeys } from '@/ui/useKeys'
import { useJob } from './JobContext'

const isText = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement && (target.isContentEditable || target.matches('input, textarea, select'))

/** Takes back the last act on this job: also by Ctrl Z, except in a field, where that is the field's own. */
export function UndoButton() {
  const { job, state, replace } = useJob()
  const ready = state.kind === 'saved' && job.closedAt === null
  const undo = useCallback(async () => {
    if (!ready) return
    try {
      const answer = await call('POST /api/jobs/{id}/undo', {
        path: { id: job.id },
        body: { version: job.version },
      })
      replace(answer.job)
      await notifyDone(texts.undone(answer.undone))
    } catch (error) {
      await notifyDone(errorMessage(error))
    }
  }, [ready, job.id, job.version, replace])
  useKeys(
    {
      '$mod+z': (event) => {
        if (isText(event.target)) return false
        void undo()
      },
    },
    { whileTyping: true },
  )
  return (
    <button
      type="button"
      aria-label={texts.undo}
      title={texts.undoTheLastChange}
      disabled={!ready}
      className="flex size-10 shrink-0 items-center justify-center rounded-[7px] border border-edge text-ink2 disabled:text-ink3"
      onClick={() => void undo()}
    >
      <Undo2 className="size-5" aria-hidden />
    </button>
  )
}
