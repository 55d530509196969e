'use client'

import { capital } from '@/core/capital'
import { useState } from 'react'
import {
  BEARING_ROWS,
  DAMAGE,
  INSPECTED,
  INSPECTED_LABELS,
  inspectedText,
  isRaceway,
  placeText,
  positionText,
  ROUND_PARTS,
  rowText,
  SEVERITIES,
  type Age,
  type DamageMode,
  type Inspected,
  type Severity,
} from '@/core/inspect'
import { FINDING_LABELS } from '@/core/kit'
import { HEARD_LABELS } from '@/contract/choices'
import { JobFrame, useJob } from '@/features/job'
import { Photos } from '@/features/photos'
import type { KeyHint } from '@/features/shell'
import type { InspectionDraft } from '@/contract/judgement'
import * as common from '@/texts/common'
import * as texts from '@/texts/inspect'
import { ChipChoice } from '@/ui/ChipChoice'
import { useAnswer } from '@/ui/useAnswer'
import { useKeys } from '@/ui/useKeys'
import { VerdictMark } from '@/ui/VerdictMark'
import { ClockDial } from './ClockDial'
import { DamageCard } from './DamageCard'
import { InspectionAnswer } from './InspectionAnswer'
import { BLANK_INSPECTION, inspectQuestion } from './inspectQuestion'

const HINTS: readonly KeyHint[] = [
  { keys: '↑ ↓', label: texts.partLower, foot: true },
  { keys: 'Tab Enter', label: texts.traceMarkedSevereGone, foot: true },
  { keys: 'G', label: texts.inspectedNoDamage, foot: true },
]

const AGE_CHOICE: readonly (readonly [Age, string])[] = [
  ['new', texts.weeks],
  ['some', texts.aFewYears],
  ['long', texts.manyYears],
]

const ROW_CHOICE = BEARING_ROWS.map((row) => [row, row] as const)

/** Where a finding lies on its ring, and what that may say. */
function PlaceText({
  part,
  seen,
  mode,
}: {
  part: Inspected
  seen: InspectionDraft['seen'][number]
  mode: DamageMode
}) {
  const says = [positionText(part, seen.at ?? [], mode), rowText(part, seen.row, mode)]
    .filter(Boolean)
    .join(' ')
  const place = placeText(seen)
  return (
    <p className="mt-1" data-testid="place">
      {place === '' ? (
        <span className="text-ink3">{texts.whereAsItWas}</span>
      ) : (
        <>
          <b className="text-ink">{capital(place)}.</b> {says}
        </>
      )}
    </p>
  )
}

/** What is still good: part by part, damage picked from sketches, verdict and causes beside it. */
export function InspectScreen() {
  const { job, change } = useJob()
  const draft = job.inspection ?? BLANK_INSPECTION
  const [part, setPart] = useState<Inspected>('bearing')
  const put = (next: Partial<InspectionDraft>) =>
    change({ inspection: { ...draft, ...next }, stage: 'inspect' })
  const { kit } = job
  const { answer, message } = useAnswer('POST /api/inspect', inspectQuestion(job, job))
  const count = (p: Inspected) => draft.seen.filter((s) => s.part === p).length
  // What was found before the arrangement was chosen stays in sight.
  const inspected = INSPECTED.filter(
    (p) => answer?.inspected.includes(p) !== false || count(p) > 0 || draft.good.includes(p),
  )
  const isRound = ROUND_PARTS.includes(part)
  const severityOf = (damage: string): Severity | null =>
    draft.seen.find((s) => s.part === part && s.damage === damage)?.severity ?? null
  // What was seen before the bearing was known stays in sight.
  const isLookedFor = ({ id, only }: DamageMode): boolean =>
    severityOf(id) !== null || (answer?.damage.includes(id) ?? only === undefined)
  const press = (damage: string) => {
    const now = severityOf(damage)
    const next = now === null ? SEVERITIES[0] : SEVERITIES[SEVERITIES.indexOf(now) + 1]
    const others = draft.seen.filter((s) => s.part !== part || s.damage !== damage)
    const before = draft.seen.find((s) => s.part === part && s.damage === damage)
    put({
      seen: next ? [...others, { ...before, part, damage, severity: next }] : others,
      good: draft.good.filter((p) => p !== part),
    })
  }
  const putAt = (s: InspectionDraft['seen'][number], place: Partial<typeof s>) =>
    put({ seen: draft.seen.map((other) => (other === s ? { ...s, ...place } : other)) })
  const sound = () =>
    put({
      good: draft.good.includes(part) ? draft.good.filter((p) => p !== part) : [...draft.good, part],
      seen: draft.seen.filter((s) => s.part !== part),
    })
  const toPart = (step: 1 | -1) => () => setPart((now) => inspected[inspected.indexOf(now) + step] ?? now)
  useKeys({ ArrowDown: toPart(1), ArrowUp: toPart(-1), g: sound })
  const missing = (answer?.kit ?? []).filter((finding) => !job.kit?.findings?.includes(finding))
  return (
    <JobFrame stage="inspect" hints={HINTS}>
      <div className="panes [--panes:170px_minmax(0,1fr)_330px]">
        <nav
          aria-label={texts.partsToLookAt}
          className="min-h-0 overflow-auto border-r border-line py-2 max-lg:flex max-lg:flex-wrap max-lg:gap-x-1"
        >
          {inspected.map((p) => (
            <button
              key={p}
              type="button"
              aria-current={p === part ? 'true' : undefined}
              onClick={() => setPart(p)}
              className={`flex min-h-[44px] items-center lg:w-full justify-between gap-2 px-3 text-left text-[0.90625rem] ${p === part ? 'bg-sheet font-bold' : 'text-ink2'}`}
            >
              {inspectedText(p, inspected)}
              {count(p) > 0 ? (
                <span className="tag">{count(p)}</span>
              ) : draft.good.includes(p) ? (
                <VerdictMark verdict="pass" />
              ) : null}
            </button>
          ))}
        </nav>
        <section aria-label={texts.damage} className="min-h-0 overflow-auto px-[18px] py-3">
          <div className="mb-2 flex items-center gap-2">
            <h1 className="mr-auto text-[1.3125rem] font-bold">{capital(inspectedText(part, inspected))}</h1>
            <button type="button" className="chip" aria-pressed={draft.good.includes(part)} onClick={sound}>
              {texts.inspectedNoDamage}
            </button>
          </div>
          <div className="grid grid-cols-2 gap-2 sm:grid-cols-3">
            {DAMAGE.filter((mode) => mode.parts.includes(part) && isLookedFor(mode)).map((mode) => (
              <DamageCard
                key={mode.id}
                mode={mode}
                severity={severityOf(mode.id)}
                onPress={() => press(mode.id)}
              />
            ))}
          </div>
          {draft.seen
            .filter((s) => s.part === part)
            .map((s) => {
              const mode = DAMAGE.find((m) => m.id === s.damage)
              return (
                mode && (
                  <div
                    key={s.damage}
                    className="mt-3 flex flex-wrap gap-x-5 gap-y-2 border-t border-line2 pt-3"
                  >
                    <div className="min-w-0 flex-[1_1_240px] text-[0.875rem] text-ink2">
                      <p>
                        <b className="text-ink">{mode.label}</b>: {mode.looks}{' '}
                        <span className="text-ink3">{capital(texts.failureMode(mode.term, mode.group))}</span>
                      </p>
                      {isRound && <PlaceText part={part} seen={s} mode={mode} />}
                      {isRaceway(part) && (answer?.doubleRow === true || s.row) && (
                        <div className="mt-2">
                          <span className="caption block">{texts.rowAsItStood}</span>
                          <ChipChoice
                            label={texts.row(mode.label)}
                            value={s.row ?? null}
                            options={ROW_CHOICE}
                            onPick={(row) => putAt(s, { row })}
                            onClear={() => putAt(s, { row: undefined })}
                          />
                        </div>
                      )}
                    </div>
                    {isRound && (
                      <ClockDial label={mode.label} hours={s.at ?? []} onHours={(at) => putAt(s, { at })} />
                    )}
                  </div>
                )
              )
            })}
        </section>
        <aside
          aria-label={texts.verdict}
          className="min-h-0 overflow-auto border-l border-line bg-sheet px-[18px] py-3"
        >
          <div className="mb-2">
            <span className="caption block">{texts.timeInService}</span>
            <ChipChoice
              label={texts.timeInService}
              value={draft.age ?? ('' as Age)}
              options={AGE_CHOICE}
              onPick={(age) => put({ age })}
            />
          </div>
          {message && (
            <p role="alert" className="text-contra">
              {message}
            </p>
          )}
          {answer && draft.seen.length > 0 ? (
            <InspectionAnswer found={answer} />
          ) : (
            <p className="py-4 text-ink2">
              {texts.pickWhatYouSee(
                [...job.intake.heard.map((heard) => HEARD_LABELS[heard]), ...job.intake.use].join(', ') ||
                  texts.nothingNotedYet,
              )}
            </p>
          )}
          {kit && missing.length > 0 && (
            <button
              type="button"
              data-primary
              className="button my-2 w-full"
              onClick={() => change({ kit: { ...kit, findings: [...(kit.findings ?? []), ...missing] } })}
            >
              {texts.intoTheKit(missing.map((f) => FINDING_LABELS[f]).join(', '))}
            </button>
          )}
          <label className="mt-2 block">
            <span className="caption block">{common.note}</span>
            <textarea
              className="field h-[64px] py-2"
              maxLength={2000}
              value={draft.note}
              onChange={(e) => put({ note: e.target.value })}
            />
          </label>
          <Photos jobId={job.id} about={INSPECTED_LABELS[part]} />
        </aside>
      </div>
    </JobFrame>
  )
}
