'use client'

import { useEffect } from 'react'
import { SLOT_LABELS } from '@/core/kit'
import { UNIT_FEATURE_FACTS, UNIT_FEATURES } from '@/core/compare'
import { JobFrame, useJob } from '@/features/job'
import { usePreferences, type KeyHint } from '@/features/shell'
import type { PartSheet } from '@/contract/lookUp'
import type { CompareResponse, ComparisonDraft } from '@/contract/judgement'
import { OverlayFigure, type Laid } from '@/ui/drawing'
import { useAnswer } from '@/ui/useAnswer'
import type { Column } from '@/ui/table/column'
import { DataTable } from '@/ui/table/DataTable'
import { DidYouMean } from '@/ui/DidYouMean'
import { PartNumber } from '@/ui/PartNumber'
import { VerdictMark } from '@/ui/VerdictMark'

const HINTS: readonly KeyHint[] = [{ keys: 'Tab', label: 'old, new, next feature', foot: true }]

const SIZES = [
  ['bore', 'Bore'],
  ['outside', 'Outside'],
  ['width', 'Width'],
  ['totalWidth', 'Total width'],
] as const
const SIGNS = { same: 'pass', look: 'warn', no: 'fail', unknown: 'gap' } as const

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

function PairRow({
  label,
  old,
  next,
  example,
  onOld,
  onNext,
  wide = false,
}: {
  label: string
  old: string
  next: string
  example: string
  onOld: (value: string) => void
  onNext: (value: string) => void
  /** one above the other, so that whole numbers find room */
  wide?: boolean
}) {
  const field = (side: string, value: string, set: (text: string) => void) => (
    <input
      className="field number min-w-0"
      aria-label={`${label}, ${side}`}
      placeholder={side === 'old' ? example : ''}
      maxLength={60}
      value={value}
      onChange={(e) => set(e.target.value)}
    />
  )
  const name = 'text-[0.84375rem] text-ink2'
  const row = 'mb-1 grid items-center gap-1.5'
  if (wide)
    return (
      <>
        {(['old', 'new'] as const).map((side) => (
          <div key={side} className={`${row} grid-cols-[88px_minmax(0,1fr)]`}>
            <span className={name}>{`${label}, ${side}`}</span>
            {side === 'old' ? field(side, old, onOld) : field(side, next, onNext)}
          </div>
        ))}
      </>
    )
  return (
    <div className={`${row} grid-cols-[88px_minmax(0,1fr)_minmax(0,1fr)]`}>
      <span className={name}>{label}</span>
      {field('old', old, onOld)}
      {field('new', next, onNext)}
    </div>
  )
}

/** A size in its two units, one under the other. */
function Told({ text }: { text: string }) {
  const [first = '', ...rest] = text.split(' (')
  return (
    <span className="number text-[0.84375rem]">
      {rest.length > 0 ? <span className="whitespace-nowrap">{first}</span> : <PartNumber text={first} />}
      {rest.map((part) => (
        <span key={part} className="block whitespace-nowrap text-ink3">
          {part.replace(')', '')}
        </span>
      ))}
    </span>
  )
}

type Difference = CompareResponse['rows'][number]

const CELL = 'py-1.5 align-top'
const COLUMNS: Column<Difference>[] = [
  {
    id: 'verdict',
    head: 'Verdict',
    headHidden: true,
    className: `w-8 ${CELL}`,
    cell: ({ result }) => <VerdictMark verdict={SIGNS[result]} />,
  },
  { id: 'feature', head: 'Feature', className: `font-semibold ${CELL}`, cell: ({ label }) => label },
  { id: 'old', head: 'Old', className: CELL, cell: (row) => <Told text={row.old} /> },
  { id: 'new', head: 'New', className: CELL, cell: (row) => <Told text={row.new} /> },
  {
    id: 'meaning',
    head: 'What it means',
    below: true,
    className: `text-ink2 max-sm:pt-0 max-sm:pl-10 ${CELL}`,
    cell: ({ difference, meaning }) =>
      [difference === 'differs' ? '' : difference, meaning].filter(Boolean).join('. ') || 'The same.',
  },
]

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
      <h1 className="sr-only">Compare old and new</h1>
      <div className="panes [--panes:344px_minmax(0,1fr)]">
        <form
          className="min-h-0 overflow-auto border-r border-line px-[18px] py-3"
          onSubmit={(e) => e.preventDefault()}
        >
          <PairRow
            wide
            label="Number"
            old={draft.from}
            next={to}
            example="6003RS"
            onOld={(from) => put({ from })}
            onNext={(value) => put({ to: value })}
          />
          <h2 className="caption mt-2 mb-1">Measured, where there is no number: old, new</h2>
          {SIZES.map(([name, label]) => (
            <PairRow
              key={name}
              label={label}
              old={draft.sizesOld[name] ?? ''}
              next={draft.sizesNew[name] ?? ''}
              example={name === 'bore' ? '0.74 in' : ''}
              onOld={(v) => put({ sizesOld: { ...draft.sizesOld, [name]: v } })}
              onNext={(v) => put({ sizesNew: { ...draft.sizesNew, [name]: v } })}
            />
          ))}
          <details
            open={
              Object.keys(filled({ ...draft.old, ...draft.new })).length > 0 ||
              job.kit?.arrangement === 'D1' ||
              job.kit?.arrangement === 'E1'
            }
          >
            <summary className="caption mt-2 min-h-8 cursor-pointer">Hub unit features, old and new</summary>
            {UNIT_FEATURES.map((feature) => (
              <PairRow
                key={feature}
                label={UNIT_FEATURE_FACTS[feature].label}
                old={draft.old[feature] ?? ''}
                next={draft.new[feature] ?? ''}
                example={UNIT_FEATURE_FACTS[feature].example}
                onOld={(v) => put({ old: { ...draft.old, [feature]: v } })}
                onNext={(v) => put({ new: { ...draft.new, [feature]: v } })}
              />
            ))}
          </details>
        </form>
        <section aria-label="Comparison" className="grid min-h-0 sm:grid-cols-[minmax(0,1fr)_240px]">
          <div className="min-h-0 overflow-auto px-[18px] py-3" tabIndex={0}>
            {message && (
              <p role="alert" className="mb-2 text-contra">
                {message}
              </p>
            )}
            <DidYouMean
              suggestions={message ? suggestions : []}
              onPick={(designation) =>
                put(message.includes(draft.from) ? { from: designation } : { to: designation })
              }
            />
            {to.trim() === '' && offers.length > 0 && (
              <p className="mb-2 flex flex-wrap items-center gap-1.5">
                <span className="caption">Replacements</span>
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
                Type the old and the new number, such as <span className="number">6003RS</span> of the
                deckchair trolleys against <span className="number">6003-2RS</span>, or what was measured on
                each.
              </p>
            ) : (
              <>
                <h2 className="text-[1.3125rem] font-bold" data-testid="comparison">
                  {found.message}
                </h2>

                <DataTable
                  label="Differences"
                  narrowRow="max-sm:grid max-sm:grid-cols-[32px_minmax(0,1fr)_100px_100px]"
                  rows={found.rows}
                  columns={COLUMNS}
                  keyOf={({ feature }) => feature}
                  rowData={({ feature, result }) => ({ 'data-feature': feature, 'data-result': result })}
                />
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
                <h2 className="caption mt-1 mb-1">Checks before dismantling</h2>
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
