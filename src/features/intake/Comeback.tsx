import { useJob } from '@/features/job'
import * as texts from '@/texts/intake'
import { useTimes } from '@/ui/Times'
import { useAnswer } from '@/ui/useAnswer'

/** Jobs closed before at this place: one of them may have come back, and may be put right free of charge. */
export function Comeback() {
  const { day } = useTimes()
  const { job, change } = useJob()
  const { answer } = useAnswer(
    'GET /api/jobs/{id}/returns',
    job.positionId === null ? null : { path: { id: job.id }, query: { position: String(job.positionId) } },
  )
  const earlier = answer?.earlier ?? []
  if (earlier.length === 0 && job.comebackOf === null) return null
  return (
    <fieldset>
      <legend className="caption mb-1.5">{texts.didAnEarlierJob}</legend>
      <div className="flex flex-wrap gap-1.5">
        {earlier.map(({ id, title, closedAt }) => (
          <button
            key={id}
            type="button"
            aria-pressed={job.comebackOf === id}
            className="chip text-left"
            title={title}
            onClick={() =>
              change(job.comebackOf === id ? { comebackOf: null, freeOfCharge: false } : { comebackOf: id })
            }
          >
            {texts.jobClosed(id, day(closedAt))}
          </button>
        ))}
        {job.comebackOf !== null && (
          <button
            type="button"
            aria-pressed={job.freeOfCharge}
            className="chip"
            onClick={() => change({ freeOfCharge: !job.freeOfCharge })}
          >
            {texts.freeOfCharge}
          </button>
        )}
      </div>
    </fieldset>
  )
}
