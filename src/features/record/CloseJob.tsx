'use client'

import { useState } from 'react'
import { STAGE_LABELS } from '@/contract/choices'
import type { OpenPoint } from '@/contract/job'
import { useJob, useNewPosition } from '@/features/job'
import { UnitText } from '@/features/shell'
import * as texts from '@/texts/record'
import { call, errorMessage } from '@/ui/call'

/** Why closing writes nothing into the register; the place that was typed becomes a position of it on one press. */
function NoPosition() {
  const { job, machine } = useJob()
  const { add, error } = useNewPosition()
  const { position, side } = job.intake
  const name = position.trim()
  return (
    <div className="mt-1 max-w-[44ch] text-[0.875rem] text-ink2">
      <p>{texts.noPositionIsChosen}</p>
      {machine && name !== '' && (
        <button
          type="button"
          className="chip mt-1.5 px-2.5"
          onClick={() => void add({ name, side: side.trim() })}
        >
          {texts.addTo(name, machine.name)}
        </button>
      )}
      {error && (
        <p role="alert" className="mt-1 text-contra">
          {error}
        </p>
      )}
    </div>
  )
}

/** Closes a job: what is open is shown first, and either settled or answered with a reason. */
export function CloseJob() {
  const { job, machine, change, state } = useJob()
  const [points, setPoints] = useState<OpenPoint[] | null>(null)
  const [reason, setReason] = useState('')
  const [error, setError] = useState('')
  const position = machine?.positions.find((p) => p.id === job.positionId)
  if (job.closedAt)
    return (
      <button type="button" className="button" onClick={() => change({ closed: false })}>
        {texts.openTheJobAgain}
      </button>
    )
  const close = (why: string) => change({ closed: true, stage: 'record', ...(why && { reason: why }) })
  const review = () => {
    call('GET /api/jobs/{id}/open', { path: { id: job.id } })
      .then(({ points: open }) => {
        setError('')
        if (open.length === 0) close('')
        else setPoints(open)
      })
      .catch((thrown: unknown) => setError(errorMessage(thrown)))
  }
  return (
    <div className={points || !position ? 'w-full' : ''}>
      {!points && (
        <button
          type="button"
          data-primary
          className="button"
          disabled={state.kind === 'saving'}
          onClick={review}
        >
          {texts.closeTheJob}
        </button>
      )}
      {!points && !position && <NoPosition />}
      {error && (
        <p role="alert" className="mt-1 text-contra">
          {error}
        </p>
      )}
      {points && (
        <form
          aria-label={texts.closeTheJob}
          ref={(form) => form?.scrollIntoView({ block: 'nearest' })}
          className="rounded-lg border border-line bg-sheet px-4 py-3"
          onSubmit={(e) => {
            e.preventDefault()
            if (reason.trim()) close(reason.trim())
          }}
        >
          <h2 className="text-[1rem] font-bold">{texts.openPoints(points.length)}</h2>
          <ul className="my-2 max-h-[240px] list-disc overflow-auto pl-5 text-[0.90625rem]">
            {points.map((point, i) => (
              <li key={i}>
                <b>{STAGE_LABELS[point.stage]}:</b> <UnitText text={point.message} />
              </li>
            ))}
          </ul>
          <label className="block">
            <span className="caption mb-1 block">{texts.orWhyItIs}</span>
            <input
              className="field"
              maxLength={300}
              value={reason}
              placeholder={texts.fittedByTheSeason}
              onChange={(e) => setReason(e.target.value)}
            />
          </label>
          {position ? (
            <p className="my-2 text-[0.875rem] text-ink2">
              {texts.thePartsOfThe} {machine?.name}, {position.name}.
            </p>
          ) : (
            <div className="my-2">
              <NoPosition />
            </div>
          )}
          <div className="flex gap-2">
            <button type="submit" data-primary className="button" disabled={reason.trim() === ''}>
              {texts.closeIt}
            </button>
            <button type="button" className="button" onClick={() => setPoints(null)}>
              {texts.notYet}
            </button>
          </div>
        </form>
      )}
    </div>
  )
}
