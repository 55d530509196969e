import * as texts from '@/texts/job'
import { Link } from '@/ui/Link'
import type { Route } from 'next'
import { usePathname, useRouter } from 'next/navigation'
import { useState } from 'react'
import { call, errorMessage } from '@/ui/call'
import { useAnswer } from '@/ui/useAnswer'
import { useJob } from './JobContext'
import { stagePath } from './stagePath'

/** How positions of one job are usually told apart. */
const NAMES = ['left', 'right', 'front left', 'front right', 'rear left', 'rear right'] as const

/** The positions of a job: each has its own bearings, kit, plan and record; worked on in any order. */
export function PositionRail() {
  const { job } = useJob()
  const router = useRouter()
  // The same screen of the other position.
  const path = usePathname()
  const [adding, setAdding] = useState(false)
  const [name, setName] = useState('')
  const [error, setError] = useState('')
  const { answer } = useAnswer('GET /api/jobs/{id}/positions', { path: { id: job.id } })
  // Of this one the screen knows the latest.
  const where = [job.intake.position, job.intake.side].filter(Boolean).join(', ')
  const positions = (answer?.positions ?? []).map((p) =>
    p.id === job.id
      ? {
          ...p,
          name: where || p.name,
          closedAt: job.closedAt,
          designations: job.bearings.flatMap(({ decision }) => decision?.designation ?? []),
        }
      : p,
  )
  const add = (copied: boolean) => {
    call('POST /api/jobs', {
      body: {
        title: job.title,
        partOf: job.id,
        machineId: job.machineId,
        intake: { position: name.trim() },
        ...(copied && { copyOf: job.id }),
      },
    })
      .then((made) => router.push(stagePath(made.id, copied ? 'kit' : 'identify')))
      .catch((thrown: unknown) => setError(errorMessage(thrown)))
  }
  const several = positions.length > 1
  return (
    <section
      aria-label={texts.positionsOfThisJob}
      className="border-line2 px-4 text-[0.84375rem] max-lg:flex max-lg:shrink-0 max-lg:items-center max-lg:gap-2 max-lg:border-l lg:border-t lg:pt-2 lg:pb-4"
    >
      <h2 className="caption mb-1">{texts.positions}</h2>
      {several && (
        <ol className="max-lg:flex max-lg:gap-3">
          {positions.map((p) => (
            <li key={p.id}>
              <Link
                href={path.replace(/^\/jobs\/\d+/, `/jobs/${p.id}`) as Route}
                aria-current={p.id === job.id ? 'true' : undefined}
                className={`block min-h-11 py-1 ${p.id === job.id ? 'font-bold text-ink' : 'text-ink2'}`}
              >
                {p.name}
                <span className="number block break-words text-caption font-normal text-ink3">
                  {p.closedAt ? texts.closed : (p.designations[0] ?? texts.notDecided)}
                </span>
              </Link>
            </li>
          ))}
        </ol>
      )}
      {adding ? (
        <form
          className="mt-1.5 grid gap-1.5"
          ref={(form) => form?.scrollIntoView({ block: 'end' })}
          onSubmit={(event) => {
            event.preventDefault()
            add(true)
          }}
        >
          <input
            autoFocus
            className="field min-h-9"
            aria-label={texts.nameOfTheNewPosition}
            list="position-names"
            maxLength={120}
            placeholder={texts.right}
            value={name}
            onChange={(e) => setName(e.target.value)}
          />
          <datalist id="position-names">
            {NAMES.map((n) => (
              <option key={n} value={n} />
            ))}
          </datalist>
          <button type="submit" className="chip justify-center" disabled={name.trim() === ''}>
            {texts.likeThisOne}
          </button>
          <button
            type="button"
            className="chip justify-center"
            disabled={name.trim() === ''}
            onClick={() => add(false)}
          >
            {texts.empty}
          </button>
        </form>
      ) : (
        <button type="button" className="chip mt-1.5 px-2.5" onClick={() => setAdding(true)}>
          {texts.addPosition}
        </button>
      )}
      {error && (
        <p role="alert" className="mt-1 text-contra">
          {error}
        </p>
      )}
    </section>
  )
}
