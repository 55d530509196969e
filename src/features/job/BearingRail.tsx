'use client'

import type { Route } from 'next'
import * as common from '@/texts/common'
import * as texts from '@/texts/job'
import { Link } from '@/ui/Link'
import { usePathname, useRouter } from 'next/navigation'
import { useState, type FormEvent } from 'react'
import { STAGE_PATHS } from '@/contract/choices'
import type { Job } from '@/contract/job'
import { call, errorMessage } from '@/ui/call'
import { useJob } from './JobContext'

/** How bearings of one job are usually told apart. */
const NAMES = ['inner', 'outer', 'left', 'right', 'locating', 'floating'] as const

/** Screens that begin with the decided part. */
const NEED_DECISION = [STAGE_PATHS.crossReference, STAGE_PATHS.compare]

/** The bearings of a job: each has its own evidence, decision, comparison and findings, worked on in any order. */
export function BearingRail() {
  const { job, bearing, showBearing, replace, change, state } = useJob()
  const path = usePathname()
  const router = useRouter()
  const [adding, setAdding] = useState(false)
  const [name, setName] = useState('')
  const [error, setError] = useState('')
  const busy = state.kind === 'saving'
  const to = (id: number, screen = path) => `${screen}?bearing=${id}` as Route
  const run = (work: Promise<Job>, then: (stored: Job) => void): void => {
    work
      .then((stored) => {
        setError('')
        replace(stored)
        then(stored)
      })
      .catch((thrown: unknown) => setError(errorMessage(thrown)))
  }
  const add = (event: FormEvent) => {
    event.preventDefault()
    run(
      call('POST /api/jobs/{id}/bearings', { path: { id: job.id }, body: { version: job.version, name } }),
      (stored) => {
        setAdding(false)
        setName('')
        const last = stored.bearings.at(-1)
        // Nothing is decided for it yet: these screens would have nothing to show.
        const empty = NEED_DECISION.some((screen) => path.endsWith(screen))
        if (last && empty) router.push(to(last.id, `/jobs/${job.id}${STAGE_PATHS.identify}`))
        else if (last) showBearing(last.id)
      },
    )
  }
  const remove = () =>
    run(
      call('DELETE /api/jobs/{id}/bearings/{bearing}', {
        path: { id: job.id, bearing: bearing.id },
        query: { version: String(job.version) },
      }),
      (stored) => stored.bearings[0] && showBearing(stored.bearings[0].id),
    )
  const several = job.bearings.length > 1
  return (
    <section
      aria-label={texts.bearingsOfThisJob}
      className="border-line2 px-4 text-[0.84375rem] max-lg:flex max-lg:shrink-0 max-lg:items-center max-lg:gap-2 max-lg:border-l lg:mt-3 lg:border-t lg:pt-2 lg:pb-4"
    >
      <h2 className="caption mb-1">{texts.bearings}</h2>
      <ol className="max-lg:flex max-lg:gap-3">
        {job.bearings.map((b) => (
          <li key={b.id}>
            <Link
              href={to(b.id)}
              onNavigate={(event) => {
                event.preventDefault()
                showBearing(b.id)
              }}
              aria-current={b.id === bearing.id ? 'true' : undefined}
              className={`block min-h-11 py-1 ${b.id === bearing.id ? 'font-bold text-ink' : 'text-ink2'}`}
            >
              {b.name || (several ? texts.bearing(b.ordinal) : texts.theOnlyOne)}
              <span className="number block break-words text-caption font-normal text-ink3">
                {b.decision?.designation ?? texts.notDecided}
              </span>
            </Link>
          </li>
        ))}
      </ol>
      {several && (
        <label className="mt-1 block">
          <span className="caption">{texts.called}</span>
          <input
            className="field min-h-9"
            list="bearing-names"
            maxLength={60}
            value={bearing.name}
            onChange={(e) => change({ bearings: { [bearing.id]: { name: e.target.value } } })}
          />
        </label>
      )}
      <datalist id="bearing-names">
        {NAMES.map((n) => (
          <option key={n} value={n} />
        ))}
      </datalist>
      {adding ? (
        <form className="mt-1.5 grid gap-1.5" onSubmit={add}>
          <input
            autoFocus
            className="field min-h-9"
            aria-label={texts.nameOfTheNewBearing}
            list="bearing-names"
            maxLength={60}
            placeholder={texts.outer}
            value={name}
            onChange={(e) => setName(e.target.value)}
          />
          <button type="submit" className="chip justify-center" disabled={busy || job.closedAt !== null}>
            {common.add}
          </button>
        </form>
      ) : (
        <button
          type="button"
          className="chip mt-1.5 px-2.5"
          disabled={job.closedAt !== null}
          onClick={() => setAdding(true)}
        >
          {texts.addBearing}
        </button>
      )}
      {several && !adding && (
        <button
          type="button"
          className="chip mt-1.5 px-2.5"
          disabled={busy || job.closedAt !== null}
          onClick={remove}
        >
          {texts.removeThisOne}
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
