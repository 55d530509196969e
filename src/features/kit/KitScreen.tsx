'use client'

import { usePaperUrl } from '@/features/shell'
import { useCallback, useState } from 'react'
import { countedText, type Finding } from '@/core/kit'
import { JobFrame, useJob } from '@/features/job'
import type { KeyHint } from '@/features/shell'
import type { KitDraft } from '@/contract/kit'
import * as texts from '@/texts/kit'
import { ExplodedFigure } from '@/ui/drawing'
import { useKeys } from '@/ui/useKeys'
import { ChooseArrangement } from './ChooseArrangement'
import { KitFiles } from './KitFiles'
import { KitStock } from './KitStock'
import { KitSide } from './KitSide'
import { mayBeNone, NUMBER_FIELD } from './LineEditor'
import { LineTable } from './LineTable'
import { SizeStrip } from './SizeStrip'
import { useKit } from './useKit'

const HINTS: readonly KeyHint[] = [
  { keys: '↑ ↓', label: texts.line, foot: true },
  { keys: '← →', label: texts.alongTheAxis, foot: true },
  { keys: 'W', label: texts.wheels, foot: true },
  { keys: 'Enter', label: texts.numberOfTheLine },
  { keys: 'R', label: texts.reuseTheOldPart, foot: true },
  { keys: 'N', label: texts.notFittedHere },
  { keys: 'P', label: texts.pickListAsPdf, foot: true },
]

/** The line of a place has the focus. */
const inHand = (slot: string): boolean => document.activeElement?.id === `line-${slot}`

/** A record with one entry set, or taken out. */
const withEntry = <T,>(
  record: Readonly<Record<string, T>> | undefined,
  key: string,
  value: T | undefined,
): Record<string, T> => {
  const others = Object.entries(record ?? {}).filter(([name]) => name !== key)
  return Object.fromEntries(value === undefined ? others : [...others, [key, value]])
}

/** The kit of a job: places in fitting order, what fills them, what is missing or does not fit. */
export function KitScreen() {
  const { job, machine, change } = useJob()
  const paperUrl = usePaperUrl()
  const request = job.kit
  const { kit, error, fields } = useKit(job.id, request)
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
    if (!request) return
    const place = kit?.places.find(({ id }) => id === slot)
    const { text, pieces } = place && value !== undefined ? countedText(place.role, value) : { text: value }
    put({
      ...request,
      parts: withEntry(request.parts, slot, text),
      ...(pieces !== undefined && { quantities: withEntry(request.quantities, slot, pieces) }),
    })
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
    // What was just decided is still told as missing until the answer is there.
    const isDecided = (l: { slot: string }) => ['keep', 'none'].includes(request?.parts[l.slot] ?? '')
    const open = (l: { slot: string; state: string }) =>
      l.state !== 'filled' && l.slot !== slot && !isDecided(l)
    const next = lines?.slice(at + 1).find(open) ?? lines?.find(open)
    setSelected(next?.slot ?? slot)
    document.getElementById(`line-${next?.slot ?? slot}`)?.focus()
  }
  const decide = (slot: string, value: 'keep' | 'none') => {
    set(slot, value)
    goOn(slot)
  }
  const selectedSlot = kit?.places.find((p) => p.id === selected)
  const toLine = (step: 1 | -1) => () => {
    if (!lines) return false
    const at = lines.findIndex((l) => l.slot === selected)
    const next = lines[Math.min(lines.length - 1, Math.max(0, at + step))]
    setSelected(next?.slot ?? null)
    if (next) document.getElementById(`line-${next.slot}`)?.focus()
  }
  const isKeyHere = (key: string): boolean =>
    key === 'w' ||
    key === 'p' ||
    (key === 'r' && selectedSlot?.mayStay === true) ||
    (key === 'n' && selectedSlot !== undefined && mayBeNone(selectedSlot))
  /** The number of the line in hand: what is typed next replaces it. */
  const toNumber = (): boolean => {
    const field = document.getElementById(NUMBER_FIELD)
    if (selected === null || !inHand(selected) || !(field instanceof HTMLInputElement)) return false
    field.focus()
    field.select()
    return true
  }
  /** A number may be typed on its line; one that begins with a key of this screen after Enter. */
  const typeNumber = ({ key }: KeyboardEvent): false => {
    if (!isKeyHere(key.toLowerCase())) toNumber()
    return false
  }
  useKeys({
    ArrowDown: toLine(1),
    ArrowRight: toLine(1),
    ArrowUp: toLine(-1),
    ArrowLeft: toLine(-1),
    Escape: () => setSelected(null),
    Enter: () => (toNumber() ? undefined : false),
    r: () => (selectedSlot?.mayStay ? decide(selectedSlot.id, 'keep') : false),
    n: () => (selectedSlot && mayBeNone(selectedSlot) ? decide(selectedSlot.id, 'none') : false),
    w: () => document.getElementById('positions')?.focus(),
    p: () => document.getElementById('print')?.click(),
    '([A-Za-z0-9])': typeNumber,
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
  const parts = kit?.view.parts.filter(({ state }) => state !== 'gap') ?? []
  return (
    <JobFrame stage="kit" hints={HINTS}>
      <div className="panes [--panes:minmax(0,1fr)_324px]">
        <div className="grid min-h-0 grid-rows-[auto_minmax(200px,288px)_auto_minmax(0,1fr)] max-sm:grid-rows-[auto_150px_auto_minmax(0,1fr)]">
          <p className="flex items-center justify-between gap-3 px-[18px] pt-2 text-caption text-ink3">
            <span>
              <b className="font-semibold text-ink2">{kit?.title ?? request.arrangement}</b>
              {texts.inFittingOrder}
            </span>
            <span className="flex shrink-0 items-center gap-2">
              {parts.length > 0 && (
                <span className="max-sm:hidden">
                  {texts.drawnHow(parts.filter(({ guessed }) => !guessed).length, parts.length)}
                </span>
              )}
              <button
                type="button"
                className="underline decoration-dotted underline-offset-4"
                onClick={() => change({ kit: null })}
              >
                {texts.changeArrangement}
              </button>
            </span>
          </p>
          <div id="exploded" className="min-h-0 border-b border-line px-[18px] pb-1">
            {kit && (
              <ExplodedFigure
                view={kit.view}
                title={kit.title}
                selected={selected}
                onSelect={setSelected}
                nameOf={(slot) => lines?.find((l) => l.slot === slot)?.label ?? slot}
              />
            )}
          </div>
          <div>
            <SizeStrip request={request} kit={kit} fields={fields} onChange={put} />
            {error && (
              <p role="alert" className="border-b border-line px-[18px] py-1.5 text-contra">
                {error}
              </p>
            )}
          </div>
          <div className="min-h-0 overflow-auto px-2.5" tabIndex={-1}>
            {lines && <LineTable lines={lines} selected={selected} onSelect={setSelected} />}
          </div>
        </div>
        {kit && (
          <KitSide
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
