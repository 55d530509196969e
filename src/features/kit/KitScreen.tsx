'use client'

import { UnitText, usePaperUrl } from '@/features/shell'
import { useCallback, useState, type ReactNode } from 'react'
import { FINDING_LABELS, FINDINGS, type Finding } from '@/core/kit'
import { JobFrame, useJob } from '@/features/job'
import type { KeyHint } from '@/features/shell'
import type { KitDraft, KitResponse, DrawnKit } from '@/contract/kit'
import { ExplodedFigure } from '@/ui/drawing'
import { useKeys } from '@/ui/useKeys'
import { VerdictMark } from '@/ui/VerdictMark'
import { ChooseArrangement } from './ChooseArrangement'
import { KitFiles } from './KitFiles'
import { ExtraLines } from './ExtraLines'
import { KitStock } from './KitStock'
import { LineEditor, mayBeNone, NUMBER_FIELD } from './LineEditor'
import { LineTable } from './LineTable'
import { SizeStrip } from './SizeStrip'
import { useKit } from './useKit'

const HINTS: readonly KeyHint[] = [
  { keys: '↑ ↓', words: 'line', foot: true },
  { keys: '← →', words: 'along the axis', foot: true },
  { keys: 'W', words: 'wheels', foot: true },
  { keys: 'Enter', words: 'number of the line; next size' },
  { keys: 'R', words: 'reuse the old part', foot: true },
  { keys: 'N', words: 'not fitted here' },
  { keys: 'P', words: 'pick list as PDF', foot: true },
]

/** The line of a place has the focus. */
const inHand = (slot: string): boolean => document.activeElement?.id === `line-${slot}`

function headline(kit: KitResponse): string {
  const count = (state: string) => kit.lines.filter((l) => l.state === state).length
  const [gaps, conflicts] = [count('gap'), count('conflict')]
  if (kit.complete) return 'Complete'
  const words = [
    gaps > 0 && `${gaps} ${gaps === 1 ? 'item' : 'items'} missing`,
    conflicts > 0 && `${conflicts} in conflict`,
  ].filter(Boolean)
  return words.join(', ')
}

/** A record with one entry set, or taken out. */
const withEntry = <T,>(
  record: Readonly<Record<string, T>> | undefined,
  key: string,
  value: T | undefined,
): Record<string, T> => {
  const others = Object.entries(record ?? {}).filter(([name]) => name !== key)
  return Object.fromEntries(value === undefined ? others : [...others, [key, value]])
}

function Side({
  kit,
  request,
  selected,
  onSet,
  onNumber,
  onCount,
  onLeaveOut,
  onExtras,
  onFind,
  pdf,
  stock,
  files,
}: {
  kit: DrawnKit
  request: KitDraft
  selected: string | null
  onSet: (slot: string, value: string | undefined) => void
  /** a number was typed: set, and its line in hand again */
  onNumber: (slot: string, value: string | undefined) => void
  onCount: (slot: string, pieces: number | undefined) => void
  onLeaveOut: (slot: string, reason: string) => void
  onExtras: (extras: NonNullable<KitDraft['extras']>) => void
  onFind: (finding: Finding) => void
  pdf: string
  stock: ReactNode
  files: ReactNode
}) {
  // A list with something missing is printed at the second press; a change of the kit asks anew.
  const [asked, setAsked] = useState<DrawnKit | null>(null)
  const index = kit.lines.findIndex((l) => l.slot === selected)
  const line = kit.lines[index]
  const { position } = kit
  const grease = kit.lines.find((l) => l.unit === 'g' && l.state === 'filled')
  const dropped = kit.places.filter((slot) => !kit.lines.some((l) => l.slot === slot.id))
  return (
    <aside aria-label="State of the kit" className="flex min-h-0 flex-col border-l border-line bg-sheet">
      <div className="min-h-0 flex-1 overflow-auto px-[18px] py-3">
        <h2 className="caption">
          {kit.positions} {position}
          {kit.positions === 1 ? '' : 's'}, one kit each
        </h2>
        <h1 data-testid="kit-state" className="text-[1.3125rem] font-bold">
          {headline(kit)}
        </h1>
        <p className="mb-2 text-ink2">
          {kit.lines.filter((l) => l.state === 'filled').length} of {kit.lines.length} items selected
        </p>
        {line && (
          <LineEditor
            key={line.slot}
            place={kit.places.find((p) => p.id === line.slot)}
            line={line}
            number={index + 1}
            given={request.parts?.[line.slot] ?? undefined}
            typed={request.quantities?.[line.slot]}
            onSet={(value) => onSet(line.slot, value)}
            onNumber={(value) => onNumber(line.slot, value)}
            onCount={(pieces) => onCount(line.slot, pieces)}
            onLeaveOut={(reason) => onLeaveOut(line.slot, reason)}
          />
        )}
        <ul aria-label="Checked between the parts">
          {kit.checks.map((check) => (
            <li
              key={check.words}
              className="grid grid-cols-[20px_1fr] border-b border-line2 py-1.5 text-[0.90625rem]"
            >
              <VerdictMark verdict={check.result} />
              <span>
                <UnitText text={check.words} />
                <span className="block text-[0.84375rem] text-ink3">
                  <UnitText text={check.detail} />
                </span>
              </span>
            </li>
          ))}
        </ul>
        {kit.next && !line && (
          <div className="my-2.5 rounded-r-lg border-l-4 border-lamp bg-wash px-3 py-2.5">
            <b className="block text-[1rem]">{kit.next.heading}</b>
            <span className="text-[0.875rem] text-ink2">
              <UnitText text={kit.next.line} />
            </span>
          </div>
        )}
        {grease && (
          <p className="my-2 flex justify-between gap-2 text-[0.90625rem] text-ink2">
            <span>Grease</span>
            <b className="number text-ink">
              {kit.positions} × <UnitText text={`${grease.quantityPerPosition} g`} />
            </b>
          </p>
        )}
        <details className="text-[0.875rem] text-ink2" open={(request.findings?.length ?? 0) > 0}>
          <summary className="min-h-8 cursor-pointer font-semibold text-ink">Found on the machine</summary>
          <p className="mb-2 flex flex-wrap gap-1.5">
            {FINDINGS.map((finding) => (
              <button
                key={finding}
                type="button"
                className="chip px-2.5"
                aria-pressed={request.findings?.includes(finding) ?? false}
                onClick={() => onFind(finding)}
              >
                {FINDING_LABELS[finding]}
              </button>
            ))}
          </p>
        </details>
        {kit.absent.length > 0 && (
          <ul className="mb-1 text-[0.875rem] text-ink2">
            {kit.absent.map(({ slot, words, reason }) => (
              <li key={slot}>
                No {words.toLowerCase()}: {reason}
              </li>
            ))}
          </ul>
        )}
        <ExtraLines extras={request.extras ?? []} onChange={onExtras} />
        {dropped.length > 0 && (
          <details className="text-[0.875rem] text-ink2">
            <summary className="min-h-8 cursor-pointer font-semibold text-ink">
              Not on this machine: {dropped.length}
            </summary>
            <p className="mb-2 flex flex-wrap gap-1.5">
              {dropped.map((slot) => (
                <button
                  key={slot.id}
                  type="button"
                  className="chip px-2.5"
                  onClick={() => onSet(slot.id, slot.onRequest ? 'auto' : undefined)}
                >
                  + {slot.words.toLowerCase()}
                </button>
              ))}
            </p>
          </details>
        )}
        <details className="text-[0.875rem] text-ink2">
          <summary className="min-h-8 cursor-pointer font-semibold text-ink">Tools, by size</summary>
          <ul className="list-disc pl-5">
            {kit.tools.map((tool) => (
              <li key={tool}>
                <UnitText text={tool} />
              </li>
            ))}
          </ul>
        </details>
        <details className="mb-2 text-[0.875rem] text-ink2">
          <summary className="min-h-8 cursor-pointer font-semibold text-ink">Safety</summary>
          <ul className="list-disc pl-5">
            {kit.cautions.map((caution) => (
              <li key={caution}>
                <UnitText text={caution} />
              </li>
            ))}
          </ul>
        </details>
        {files}
      </div>
      <div className="border-t border-line px-[18px] pt-2 pb-3">
        {stock}
        <a
          href={pdf}
          target="_blank"
          rel="noreferrer"
          data-primary
          className="button w-full"
          id="print"
          onClick={(e) => {
            if (kit.complete || asked === kit) return
            e.preventDefault()
            setAsked(kit)
          }}
        >
          {asked === kit && !kit.complete ? `Print with ${headline(kit)}?` : 'Print pick list'} <kbd>P</kbd>
        </a>
      </div>
    </aside>
  )
}

/** The kit of a job: places in fitting order, what fills them, what is missing or does not fit. */
export function KitScreen() {
  const { job, machine, change } = useJob()
  const paperUrl = usePaperUrl()
  const request = job.kit
  const { kit, trouble, fields } = useKit(job.id, request)
  const [selected, setSelected] = useState<string | null>(null)
  const lines = kit?.lines
  const quantity = machine?.positions.find((p) => p.id === job.positionId)?.quantity ?? 1
  const put = useCallback((next: KitDraft) => change({ kit: next, stage: 'kit' }), [change])
  const find = (finding: Finding) => {
    if (!request) return
    const found = request.findings ?? []
    const findings = found.includes(finding) ? found.filter((f) => f !== finding) : [...found, finding]
    put({ ...request, findings })
  }
  const set = (slot: string, value: string | undefined) => {
    if (request) put({ ...request, parts: withEntry(request.parts, slot, value) })
  }
  const count = (slot: string, pieces: number | undefined) => {
    if (request) put({ ...request, quantities: withEntry(request.quantities, slot, pieces) })
  }
  const leaveOut = (slot: string, reason: string) => {
    if (!request) return
    put({
      ...request,
      parts: withEntry(request.parts, slot, 'none'),
      reasons: withEntry(request.reasons, slot, reason),
    })
  }
  const setExtras = (extras: NonNullable<KitDraft['extras']>) => {
    if (request) put({ ...request, extras })
  }
  /** The next place that is missing, in hand; where none is, the one just decided. */
  const goOn = (slot: string) => {
    const at = lines?.findIndex((l) => l.slot === slot) ?? -1
    const open = (l: { slot: string; state: string }) => l.state !== 'filled' && l.slot !== slot
    const next = lines?.slice(at + 1).find(open) ?? lines?.find(open)
    setSelected(next?.slot ?? slot)
    document.getElementById(`line-${next?.slot ?? slot}`)?.focus()
  }
  const decide = (slot: string, value: 'keep' | 'none') => {
    set(slot, value)
    goOn(slot)
  }
  const place = kit?.places.find((p) => p.id === selected)
  const toLine = (step: 1 | -1) => () => {
    if (!lines) return false
    const at = lines.findIndex((l) => l.slot === selected)
    const next = lines[Math.min(lines.length - 1, Math.max(0, at + step))]
    setSelected(next?.slot ?? null)
    if (next) document.getElementById(`line-${next.slot}`)?.focus()
  }
  useKeys({
    ArrowDown: toLine(1),
    ArrowRight: toLine(1),
    ArrowUp: toLine(-1),
    ArrowLeft: toLine(-1),
    Escape: () => setSelected(null),
    Enter: () => {
      if (selected === null || !inHand(selected)) return false
      document.getElementById(NUMBER_FIELD)?.focus()
    },
    r: () => (place?.mayStay ? decide(place.id, 'keep') : false),
    n: () => (place && mayBeNone(place) ? decide(place.id, 'none') : false),
    w: () => document.getElementById('positions')?.focus(),
    p: () => document.getElementById('print')?.click(),
  })
  if (!request)
    return (
      <JobFrame stage="kit">
        <ChooseArrangement
          decided={job.bearings.flatMap(({ decision }) => decision?.designation ?? [])}
          onChoose={(code) => put({ arrangement: code, positions: quantity, parts: {}, sizes: {} })}
        />
      </JobFrame>
    )
  return (
    <JobFrame stage="kit" hints={HINTS}>
      <div className="panes [--panes:minmax(0,1fr)_324px]">
        <div className="grid min-h-0 grid-rows-[auto_minmax(200px,288px)_auto_minmax(0,1fr)] max-sm:grid-rows-[auto_150px_auto_minmax(0,1fr)]">
          <p className="flex items-center justify-between gap-3 px-[18px] pt-2 text-caption text-ink3">
            <span>
              <b className="font-semibold text-ink2">{kit?.words ?? request.arrangement}</b>, in fitting order
            </span>
            <span className="flex shrink-0 items-center gap-2">
              <span className="max-sm:hidden">to scale</span>
              <button
                type="button"
                className="underline decoration-dotted underline-offset-4"
                onClick={() => change({ kit: null })}
              >
                Change arrangement
              </button>
            </span>
          </p>
          <div id="exploded" className="min-h-0 border-b border-line px-[18px] pb-1">
            {kit && (
              <ExplodedFigure
                view={kit.view}
                words={kit.words}
                selected={selected}
                onSelect={setSelected}
                nameOf={(slot) => lines?.find((l) => l.slot === slot)?.words ?? slot}
              />
            )}
          </div>
          <div>
            <SizeStrip request={request} kit={kit} fields={fields} onChange={put} />
            {trouble && (
              <p role="alert" className="border-b border-line px-[18px] py-1.5 text-contra">
                {trouble}
              </p>
            )}
          </div>
          <div className="min-h-0 overflow-auto px-2.5" tabIndex={-1}>
            {lines && <LineTable lines={lines} selected={selected} onSelect={setSelected} />}
          </div>
        </div>
        {kit && (
          <Side
            kit={kit}
            request={request}
            selected={selected}
            onSet={set}
            onNumber={(slot, value) => {
              set(slot, value)
              document.getElementById(`line-${slot}`)?.focus()
            }}
            onCount={count}
            onLeaveOut={leaveOut}
            onExtras={setExtras}
            onFind={find}
            pdf={paperUrl('GET /api/jobs/{id}/kit.pdf', job.id)}
            stock={<KitStock jobId={job.id} lines={kit.lines} price={kit.price} />}
            files={<KitFiles jobId={job.id} onRead={put} />}
          />
        )}
      </div>
    </JobFrame>
  )
}
