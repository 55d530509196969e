'use client'

import * as common from '@/texts/common'
import * as texts from '@/texts/logbook'
import { Link } from '@/ui/Link'
import { useEffect, useState, type FormEvent } from 'react'
import { OUTCOMES, OUTCOME_LABELS, type Outcome } from '@/contract/choices'
import type { Output } from '@/contract/endpoints'
import type { Recheck } from '@/contract/logbook'
import type { Job } from '@/contract/job'
import { stagePath } from '@/features/job'
import { call, errorMessage } from '@/ui/call'
import { useTimes } from '@/ui/Times'
import { useUrlChoice } from '@/ui/urlState'
import { usePages } from '@/ui/usePages'
import { ChipChoice } from '@/ui/ChipChoice'

const queryOf = (shown: string) => `open=${shown === 'open'}`

/** Opens a job for what came back, at the same place, as a comeback of the first. @throws ApiError */
async function openComeback({ jobId, title }: Recheck): Promise<Job> {
  const { machineId, positionId } = await call('GET /api/jobs/{id}', { path: { id: jobId } })
  const made = await call('POST /api/jobs', {
    body: {
      title: texts.cameBack(title.slice(0, 148)),
      machineId,
      positionId,
    },
  })
  return call('PATCH /api/jobs/{id}', {
    path: { id: made.id },
    body: { version: made.version, comebackOf: jobId },
  })
}

function Answer({ recheck, onAnswered }: { recheck: Recheck; onAnswered: (answered: Recheck) => void }) {
  const [outcome, setOutcome] = useState<Outcome | ''>('')
  const [note, setNote] = useState('')
  const [who, setWho] = useState('')
  const [error, setError] = useState('')
  const save = (event: FormEvent) => {
    event.preventDefault()
    if (outcome === '') return setError(texts.chooseWhatWasFound)
    call('PATCH /api/rechecks/{id}', { path: { id: recheck.id }, body: { outcome, note, who } })
      .then(onAnswered)
      .catch((thrown: unknown) => setError(errorMessage(thrown)))
  }
  return (
    <form
      onSubmit={save}
      aria-label={texts.recheckOfJob(recheck.jobId)}
      className="grid gap-2 py-2 sm:pl-[7.5rem]"
    >
      <ChipChoice
        label={texts.found}
        className="min-h-11 px-3"
        value={outcome}
        options={OUTCOMES.map((o) => [o, OUTCOME_LABELS[o]] as const)}
        onPick={setOutcome}
      />
      <div className="flex flex-wrap gap-2">
        <input
          className="field max-w-[420px]"
          aria-label={common.note}
          maxLength={300}
          placeholder={texts.playAtTheRim}
          value={note}
          onChange={(e) => setNote(e.target.value)}
        />
        <input
          className="field max-w-[120px]"
          aria-label={texts.initials}
          maxLength={60}
          placeholder={texts.initialsLower}
          value={who}
          onChange={(e) => setWho(e.target.value)}
        />
        <button type="submit" data-primary className="button" disabled={outcome === ''}>
          {common.save}
        </button>
      </div>
      {error && (
        <p role="alert" className="text-contra">
          {error}
        </p>
      )}
    </form>
  )
}

interface Props {
  initial: Output<'GET /api/rechecks'>
  onState: (message: string) => void
}

/** Rechecks, the one due first at the top, each answered in its place. */
export function RecheckList({ initial, onState }: Props) {
  const { today } = useTimes()
  const [shown, setShown] = useUrlChoice('show', ['open', 'all'], 'open')
  const [open, setOpen] = useState<number | null>(null)
  const [comeback, setComeback] = useState<{ id: number; of: number } | null>(null)
  const [error, setError] = useState('')
  const list = usePages('GET /api/rechecks', {
    query: queryOf(shown),
    initial,
    initialQuery: queryOf('open'),
  })
  const items = list.pages.flatMap((page) => page.items)
  const due = items.filter(({ doneOn, dueOn }) => doneOn === null && dueOn <= today()).length
  useEffect(() => onState(due === 0 ? texts.noneDueToday : texts.due(due)), [due, onState])
  useEffect(() => {
    // A link from the bench names the recheck; the browser has scrolled before the list was there.
    const requested = /^#recheck-(\d+)$/.exec(window.location.hash)?.[1]
    if (requested === undefined) return
    queueMicrotask(() => setOpen(Number(requested)))
    document.getElementById(`recheck-${requested}`)?.scrollIntoView({ block: 'center' })
  }, [])
  const answered = (recheck: Recheck) => {
    setOpen(null)
    list.put((page) => ({ ...page, items: page.items.map((r) => (r.id === recheck.id ? recheck : r)) }))
    if (recheck.outcome !== 'cameBack') return
    openComeback(recheck)
      .then(({ id }) => setComeback({ id, of: recheck.jobId }))
      .catch((thrown: unknown) => setError(errorMessage(thrown)))
  }
  return (
    <div role="region" aria-label={texts.rechecks} tabIndex={0} className="h-full overflow-auto">
      <div className="mx-auto max-w-[1120px] px-3 py-4 sm:px-6">
        <ChipChoice
          label={texts.rechecksShown}
          className="min-h-11 px-3"
          value={shown}
          options={[
            ['open', texts.toDo],
            ['all', texts.all],
          ]}
          onPick={(which) => void setShown(which)}
        />
        {comeback && (
          <p className="mt-2 rounded-r-lg border-l-4 border-lamp bg-wash px-3 py-2">
            <Link href={stagePath(comeback.id, 'takeIn')} className="underline underline-offset-4">
              {common.jobNumber(comeback.id)}
            </Link>{' '}
            {texts.isOpenForWhat(comeback.of)}
          </p>
        )}
        {(error || list.message) && (
          <p role="alert" className="mt-2 text-contra">
            {error || list.message}
          </p>
        )}
        <ul className="mt-2">
          {items.map((recheck) => (
            <li key={recheck.id} id={`recheck-${recheck.id}`} className="border-t border-line2 py-1">
              <div className="grid grid-cols-[7rem_minmax(0,1fr)_auto] items-center gap-x-2">
                <span
                  className={`number ${recheck.doneOn === null && recheck.dueOn < today() ? 'font-bold text-lamp-ink' : ''}`}
                >
                  {recheck.dueOn}
                </span>
                <span>
                  <Link
                    href={stagePath(recheck.jobId, 'record')}
                    className="inline-flex min-h-11 items-center font-medium"
                  >
                    {recheck.jobId} {recheck.title}
                  </Link>
                  {recheck.where && <span className="ml-2 text-[0.875rem] text-ink2">{recheck.where}</span>}
                  <span className="block text-[0.875rem] text-ink2">{recheck.what}</span>
                </span>
                {recheck.doneOn === null ? (
                  <button
                    type="button"
                    className="button"
                    aria-expanded={open === recheck.id}
                    onClick={() => setOpen(open === recheck.id ? null : recheck.id)}
                  >
                    {texts.lookedAt}
                  </button>
                ) : (
                  <span className="max-w-[260px] text-[0.875rem]">
                    {recheck.outcome && <b className="font-semibold">{OUTCOME_LABELS[recheck.outcome]}</b>}
                    <span className="block text-ink2">
                      <span className="number">{recheck.doneOn}</span>
                      {recheck.who && `, ${recheck.who}`}
                      {recheck.note && `: ${recheck.note}`}
                    </span>
                  </span>
                )}
              </div>
              {open === recheck.id && recheck.doneOn === null && (
                <Answer recheck={recheck} onAnswered={answered} />
              )}
            </li>
          ))}
        </ul>
        {list.hasMore && (
          <button type="button" className="button m-3" onClick={list.more}>
            {texts.more}
          </button>
        )}
        {items.length === 0 && !list.waiting && <p className="py-6 text-ink2">{texts.noRecheckIsOpen}</p>}
      </div>
    </div>
  )
}
