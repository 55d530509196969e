'use client'

import { useEffect } from 'react'
import { SLOT_LABELS } from '@/core/kit'
import { JobFrame, useJob } from '@/features/job'
import { usePreferences, type KeyHint } from '@/features/shell'
import type { PartSheet } from '@/contract/lookUp'
import type { ComparisonDraft } from '@/contract/judgement'
import * as texts from '@/texts/compare'
import { OverlayFigure, type Laid } from '@/ui/drawing'
import { useAnswer } from '@/ui/useAnswer'
import { DidYouMean } from '@/ui/DidYouMean'
import { Differences } from './Differences'
import { PairForm } from './PairForm'
import { SIZES } from './sizes'

const HINTS: readonly KeyHint[] = [{ keys: 'Tab', label: texts.oldNewNextFeature, foot: true }]

const BLANK: ComparisonDraft = {
  from: '',
  to: '',
  sizesOld: {},
  sizesNew: {},
  old: {},
  new: {},
  result: null,
}

const COMMANDS: ReadonlySet<string> = new Set(SLOT_LABELS)

const filled = (record: Partial<Record<string, string>>): Record<string, string> =>
  Object.fromEntries(
    Object.entries(record).flatMap(([k, v]) => (v && v.trim() !== '' ? [[k, v.trim()]] : [])),
  )

/** Sizes typed for the old part on the evidence sheet. */
function evidenceSizes(job: ReturnType<typeof useJob>['job']): ComparisonDraft['sizesOld'] {
  return Object.fromEntries(
    job.evidence.measurements
      .filter((m) => !m.struck && SIZES.some(([name]) => name === m.feature) && m.readings[0])
      .map((m) => [
        m.feature,
        `${m.readings[0] ?? ''}${m.unit === 'in' || m.unit === 'mm' ? ` ${m.unit}` : ''}`,
      ]),
  )
}

/** What the kit has chosen where the decided part stands: a number to compare it with. */
function newPart({ kit, decision }: ReturnType<typeof useJob>['job']): string {
  const chosen = Object.values(kit?.parts ?? {}).filter((part) => !COMMANDS.has(part))
  return chosen.find((part) => part === decision?.designation) ?? ''
}

const sheetOf = (designation: string) =>
  designation.trim() === '' ? null : { query: { designation: designation.trim() } }

const laid = (sheet: PartSheet | null): Laid | null =>
  sheet && { designation: sheet.designation, part: sheet.part }

/** Old against new before anything is taken apart: every feature, what it means, what to try first. */
export function CompareScreen() {
  const { job, change } = useJob()
  const { unit } = usePreferences()
  const first = job.comparison === null
  const draft: ComparisonDraft = job.comparison ?? {
    ...BLANK,
    from: job.decision?.designation ?? '',
    sizesOld: job.decision ? {} : evidenceSizes(job),
  }
  const kitPart = newPart(job)
  const to = draft.to || (first ? kitPart : '')
  const put = (next: Partial<ComparisonDraft>) =>
    change({ comparison: { ...draft, to, ...next }, stage: 'compare' })
  const side = (
    designation: string,
    sizes: ComparisonDraft['sizesOld'],
    features: ComparisonDraft['old'],
  ) => ({
    designation: designation.trim(),
    measured: filled(sizes),
    features: filled(features),
  })
  const [a, b] = [side(draft.from, draft.sizesOld, draft.old), side(to, draft.sizesNew, draft.new)]
  const some = ({ designation, measured, features }: typeof a) =>
    designation !== '' || Object.keys(measured).length + Object.keys(features).length > 0
  const asks = some(a) && some(b)
  const {
    answer: found,
    message,
    issues,
    suggestions,
  } = useAnswer(
    'POST /api/compare',
    asks
      ? {
          body: {
            from: a,
            to: b,
            application: {
              ...(job.intake.use.some((u) => u === 'washed' || u === 'submerged') && { wet: true }),
              ...(job.intake.use.includes('heavy load') && { load: 'heavy' }),
            },
          },
        }
      : null,
  )
  const oldSheet = useAnswer('GET /api/part-sheet', sheetOf(draft.from)).answer
  const newSheet = useAnswer('GET /api/part-sheet', sheetOf(to)).answer
  // An answer that was refused, or is no longer asked for, leaves no result behind.
  const result =
    found && message === '' ? { verdict: found.verdict, message: found.message.slice(0, 600) } : null
  const settled = !asks || message !== '' || found !== null
  const stored = JSON.stringify(draft.result)
  // What came of it is part of the job: kept whenever it changes after something was typed.
  useEffect(() => {
    if (!first && settled && JSON.stringify(result) !== stored) put({ result })
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [JSON.stringify(result), settled, stored, first])
  const offers = (oldSheet?.interchange?.equivalents ?? [])
    .filter((e) => e.verdict === 'upgrade' || e.verdict === 'identical')
    .map((e) => e.designation)
    .slice(0, 6)
  const [under, over] = [laid(oldSheet), laid(newSheet)]
  return (
    <JobFrame stage="compare" hints={HINTS}>
      <h1 className="sr-only">{texts.compareOldAndNew}</h1>
      <div className="panes [--panes:344px_minmax(0,1fr)]">
        <PairForm
          draft={draft}
          to={to}
          isUnit={[oldSheet, newSheet].some((sheet) => sheet?.part.family === 'hub-unit')}
          put={put}
        />
        <section aria-label={texts.comparison} className="grid min-h-0 sm:grid-cols-[minmax(0,1fr)_240px]">
          <div className="min-h-0 overflow-auto px-[18px] py-3" tabIndex={0}>
            {message && (
              <p role="alert" className="mb-2 text-contra">
                {message}
              </p>
            )}
            <DidYouMean
              suggestions={message ? suggestions : []}
              onPick={(designation) =>
                put(issues.some(({ path }) => path[0] === 'to') ? { to: designation } : { from: designation })
              }
            />
            {to.trim() === '' && offers.length > 0 && (
              <p className="mb-2 flex flex-wrap items-center gap-1.5">
                <span className="caption">{texts.substitutes}</span>
                {offers.map((offer) => (
                  <button
                    key={offer}
                    type="button"
                    className="chip number"
                    onClick={() => put({ to: offer })}
                  >
                    {offer}
                  </button>
                ))}
              </p>
            )}
            {!found ? (
              <p className="pt-14 text-ink2">
                {texts.typeTheOldAnd} <span className="number">{texts.exampleOld}</span>{' '}
                {texts.ofTheDeckchairTrolleysAgainst} <span className="number">{texts.exampleNew}</span>
                {texts.orWhatWasMeasured}
              </p>
            ) : (
              <>
                <h2 className="text-[1.3125rem] font-bold" data-testid="comparison">
                  {found.message}
                </h2>
                <Differences rows={found.rows} />
              </>
            )}
          </div>
          <aside className="flex min-h-0 flex-col overflow-auto border-line bg-sheet px-3 py-3 sm:border-l">
            {under && over && (
              <div className="h-[330px] shrink-0">
                <OverlayFigure under={under} over={over} unit={unit} />
              </div>
            )}
            {found && found.attempts.length > 0 && (
              <>
                <h2 className="caption mt-1 mb-1">{texts.checksBeforeDismantling}</h2>
                <ul className="text-[0.875rem]" data-testid="attempts">
                  {found.attempts.map((attempt) => (
                    <li key={attempt} className="border-t border-line2 py-1.5">
                      {attempt}
                    </li>
                  ))}
                </ul>
              </>
            )}
          </aside>
        </section>
      </div>
    </JobFrame>
  )
}
