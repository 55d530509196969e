'use client'

import * as common from '@/texts/common'
import * as texts from '@/texts/plan'
import { Link } from '@/ui/Link'
import { useState } from 'react'
import { BLANK_FITTING, JobFrame, useJob } from '@/features/job'
import { useKit } from '@/features/kit'
import type { KeyHint } from '@/features/shell'
import type { FittingDraft } from '@/contract/plan'
import { useTimes } from '@/ui/Times'
import { useAnswer } from '@/ui/useAnswer'
import { DEBOUNCE_MS } from '@/ui/useRested'
import { useKeys } from '@/ui/useKeys'
import { NextStep } from './NextStep'
import { UnitText, usePaperUrl } from '@/features/shell'
import { StepRow } from './StepRow'
import { Torques } from './Torques'
import { Tools } from './Tools'
import { HubHas } from './HubHas'

const HINTS: readonly KeyHint[] = [
  { keys: 'D', label: texts.thisStepIsDone, foot: true },
  { keys: 'B', label: texts.backOneLower, foot: true },
  { keys: 'Tab Space', label: texts.tickAnyStep, foot: true },
]

const now = (): string => new Date().toISOString()

/** The job card on the screen: steps in order with their cautions, torques, tools, sign-off. */
export function PlanScreen() {
  const { time } = useTimes()
  const { job, change, state, pathTo } = useJob()
  const paperUrl = usePaperUrl()
  const draft = job.fitting ?? BLANK_FITTING
  const put = (next: Partial<FittingDraft>) => change({ fitting: { ...draft, ...next }, stage: 'plan' })
  // The plan is worked out from what is stored: asked again after each saving, not while it is under way.
  const [savedAt, setSavedAt] = useState<number | null>(null)
  if (state.kind === 'saved' && state.at !== null && state.at !== savedAt) setSavedAt(state.at)
  const { answer: plan, message } = useAnswer(
    'GET /api/jobs/{id}/plan',
    job.kit && { path: { id: job.id } },
    DEBOUNCE_MS,
    String(savedAt ?? ''),
  )
  const { kit: drawn } = useKit(job.id, job.kit)
  const who = draft.fields['plan.who'] ?? ''
  const steps = plan?.sections.flatMap((s) => s.steps) ?? []
  const next = steps.find((s) => !draft.done[s.id])
  const last = steps.slice(0, next ? steps.indexOf(next) : undefined).findLast((s) => draft.done[s.id])
  const tick = (id: string) => {
    const others = Object.fromEntries(Object.entries(draft.done).filter(([step]) => step !== id))
    put({ done: draft.done[id] ? others : { ...others, [id]: { who: who.slice(0, 12), at: now() } } })
  }
  useKeys({
    d: () => (next ? tick(next.id) : false),
    b: () => (last ? tick(last.id) : false),
  })
  if (!job.kit)
    return (
      <JobFrame stage="plan">
        <div className="px-[18px] pt-14 text-ink2">
          <p className="mb-3">{texts.thePlanFollowsFrom}</p>
          <Link href={pathTo('kit')} className="button" data-primary>
            {texts.toTheKit}
          </Link>
        </div>
      </JobFrame>
    )
  let number = 0
  const ticked = steps.filter((s) => draft.done[s.id]).length
  const why = draft.fields['plan.why'] ?? ''
  const unwritten = plan?.torques.filter(({ value }) => value === '') ?? []
  /** What is not settled: told before anybody signs. */
  const open = [
    steps.length > ticked ? texts.stepsAreNotTicked(steps.length - ticked) : '',
    unwritten.length > 0 ? texts.noTorqueWrittenDown(unwritten.map((t) => t.label).join(', ')) : '',
    plan && plan.open.length > 0 ? texts.toSettleFirst(plan.open.length) : '',
  ].filter(Boolean)
  return (
    <JobFrame stage="plan" hints={HINTS}>
      <div className="panes [--panes:minmax(0,1fr)_324px]">
        <section aria-label={texts.steps} className="min-h-0 overflow-auto px-[18px] py-3" tabIndex={0}>
          {message && (
            <p role="alert" className="mb-2 text-contra">
              {message}
            </p>
          )}
          {plan && (
            <>
              <div className="flex flex-wrap items-baseline justify-between gap-x-4">
                <h1 className="text-[1.3125rem] font-bold">{plan.arrangement}</h1>
                <span className="text-ink2" data-testid="ticked">
                  {texts.ofStepsDone(ticked, steps.length)}
                </span>
              </div>
              {next && (
                <NextStep
                  steps={steps}
                  step={next}
                  number={steps.indexOf(next) + 1}
                  view={drawn?.view ?? null}
                  onDone={() => tick(next.id)}
                  onBack={last ? () => tick(last.id) : null}
                />
              )}
              {plan.sections.map((section) => (
                <section key={section.id} aria-label={section.label} className="mt-2">
                  <h2 className="text-[1rem] font-bold">{section.label}</h2>
                  <ol>
                    {section.steps.map((step) => (
                      <StepRow
                        key={step.id}
                        step={step}
                        number={++number}
                        done={draft.done[step.id]}
                        onTick={() => tick(step.id)}
                      />
                    ))}
                  </ol>
                </section>
              ))}
            </>
          )}
        </section>
        <aside aria-label={texts.card} className="flex min-h-0 flex-col border-l border-line bg-sheet">
          <div className="min-h-0 flex-1 overflow-auto px-[18px] py-3">
            {plan && plan.open.length > 0 && (
              <div className="mb-3 rounded-r-lg border-l-4 border-lamp bg-wash px-3 py-2" data-testid="open">
                <b className="block">{texts.openPoints}</b>
                <ul className="text-[0.875rem]">
                  {plan.open.map((line) => (
                    <li key={line}>
                      <UnitText text={line} />
                    </li>
                  ))}
                </ul>
              </div>
            )}
            {plan?.heats && <HubHas value={draft.hubHas} onChange={(hubHas) => put({ hubHas })} />}
            <div className="mb-3 grid grid-cols-2 gap-1.5">
              <label>
                <span className="caption block">{texts.yourInitials}</span>
                <input
                  className="field"
                  maxLength={12}
                  value={who}
                  onChange={(e) => put({ fields: { ...draft.fields, 'plan.who': e.target.value } })}
                />
              </label>
              <label>
                <span className="caption block">{texts.fittedOn}</span>
                <input
                  type="date"
                  className="field number"
                  value={draft.fittedOn}
                  onChange={(e) => put({ fittedOn: e.target.value })}
                />
              </label>
            </div>
            {plan && <Torques plan={plan} draft={draft} put={put} />}
            {plan && plan.alwaysNew.length > 0 && (
              <section aria-label={texts.alwaysNew} className="mb-3">
                <h2 className="caption">{texts.mustBeNew}</h2>
                <p className="text-[0.875rem]">{plan.alwaysNew.join(', ')}</p>
              </section>
            )}
            {plan && <Tools plan={plan} />}
            {plan && (
              <section aria-label={common.lookAgain}>
                <h2 className="caption">{common.lookAgain}</h2>
                <ul className="text-[0.875rem]" data-testid="rechecks">
                  {plan.rechecks.map(({ date, text: what }) => (
                    <li key={date} className="border-t border-line2 py-1">
                      <b className="number">{date}</b> {what}
                    </li>
                  ))}
                </ul>
              </section>
            )}
          </div>
          <div className="border-t border-line px-[18px] py-2.5">
            {draft.signed ? (
              <p className="mb-1.5 flex items-center justify-between text-[0.875rem]">
                <span>
                  {texts.signedOffBy} <b>{draft.signed.who}</b>, {time(draft.signed.at)}
                  {draft.signed.why && <span className="block text-ink2">{draft.signed.why}</span>}
                </span>
                <button type="button" className="underline" onClick={() => put({ signed: null })}>
                  {texts.takeBack}
                </button>
              </p>
            ) : (
              <>
                {open.length > 0 && (
                  <div className="mb-1.5 text-[0.84375rem]" data-testid="sign-open">
                    <p>
                      <b>{texts.open}</b> {open.join(' ')}
                    </p>
                    <input
                      className="field mt-1"
                      aria-label={texts.whyItIsSigned}
                      placeholder={texts.whyItIsSignedOff}
                      maxLength={300}
                      value={why}
                      onChange={(e) => put({ fields: { ...draft.fields, 'plan.why': e.target.value } })}
                    />
                  </div>
                )}
                <button
                  type="button"
                  className="button mb-1.5 w-full"
                  disabled={who.trim() === '' || (open.length > 0 && why.trim() === '')}
                  onClick={() =>
                    put({
                      signed: {
                        who: who.trim(),
                        at: now(),
                        ...(open.length > 0 && {
                          why: texts.openOfWhy(why.trim(), open.join(' ')).slice(0, 300),
                        }),
                      },
                    })
                  }
                >
                  {who.trim() === ''
                    ? texts.enterInitialsToSignOff
                    : open.length > 0 && why.trim() === ''
                      ? texts.aReasonFirstThen
                      : texts.signOffAs(who.trim())}
                </button>
              </>
            )}
            <a
              href={paperUrl('GET /api/jobs/{id}/card.pdf', job.id)}
              target="_blank"
              rel="noreferrer"
              className="button w-full"
            >
              {texts.printTheJobCard}
            </a>
          </div>
        </aside>
      </div>
    </JobFrame>
  )
}
