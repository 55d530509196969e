'use client'

import { UnitText } from '@/features/shell'
import { useState, type ReactNode } from 'react'
import { FINDING_LABELS, FINDINGS, type Finding } from '@/core/kit'
import { counted } from '@/core/plural'
import type { KitDraft, KitResponse, DrawnKit } from '@/contract/kit'
import * as texts from '@/texts/kit'
import { VerdictMark } from '@/ui/VerdictMark'
import { ExtraLines } from './ExtraLines'
import { LineEditor } from './LineEditor'

/** What a kit still lacks, in a line. */
export function headline(kit: KitResponse): string {
  const count = (state: string) => kit.lines.filter((l) => l.state === state).length
  const [gaps, conflicts] = [count('gap'), count('conflict')]
  if (kit.complete) return texts.complete
  const parts = [gaps > 0 && texts.missing(gaps), conflicts > 0 && texts.inConflict(conflicts)].filter(
    Boolean,
  )
  return parts.join(', ')
}

function Folded({ title, lines, last }: { title: string; lines: readonly string[]; last?: boolean }) {
  return (
    <details className={`text-[0.875rem] text-ink2 ${last ? 'mb-2' : ''}`}>
      <summary className="min-h-8 cursor-pointer font-semibold text-ink">{title}</summary>
      <ul className="list-disc pl-5">
        {lines.map((text) => (
          <li key={text}>
            <UnitText text={text} />
          </li>
        ))}
      </ul>
    </details>
  )
}

/** Whether the reason of a line stands among the checks already: those that failed put their lines in conflict. */
const isSaidByACheck = ({ checks }: DrawnKit, reason: string): boolean =>
  checks.some(({ result, title }) => result === 'fail' && reason.startsWith(`${title}.`))

/** Beside the lines: the place that is chosen, findings, stock, papers. */
export function KitSide({
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
  const [confirmed, setConfirmed] = useState<DrawnKit | null>(null)
  const index = kit.lines.findIndex((l) => l.slot === selected)
  const line = kit.lines[index]
  const { position } = kit
  const grease = kit.lines.find((l) => l.unit === 'g' && l.state === 'filled')
  const dropped = kit.places.filter((slot) => !kit.lines.some((l) => l.slot === slot.id))
  return (
    <aside aria-label={texts.stateOfTheKit} className="flex min-h-0 flex-col border-l border-line bg-sheet">
      <div className="min-h-0 flex-1 overflow-auto px-[18px] py-3">
        <h2 className="caption">{texts.oneKitEach(counted(kit.positions, position))}</h2>
        <h1 data-testid="kit-state" className="text-[1.3125rem] font-bold">
          {headline(kit)}
        </h1>
        <p className="mb-2 text-ink2">
          {texts.ofItemsSelected(kit.lines.filter((l) => l.state === 'filled').length, kit.lines.length)}
        </p>
        {line && (
          <LineEditor
            key={line.slot}
            slot={kit.places.find((p) => p.id === line.slot)}
            line={line}
            number={index + 1}
            chosen={request.parts?.[line.slot] ?? undefined}
            typed={request.quantities?.[line.slot]}
            onSet={(value) => onSet(line.slot, value)}
            onNumber={(value) => onNumber(line.slot, value)}
            onCount={(pieces) => onCount(line.slot, pieces)}
            onLeaveOut={(reason) => onLeaveOut(line.slot, reason)}
          />
        )}
        <ul aria-label={texts.checkedBetweenTheParts}>
          {kit.checks.map((check) => (
            <li
              key={check.title}
              className="grid grid-cols-[20px_1fr] border-b border-line2 py-1.5 text-[0.90625rem]"
            >
              <VerdictMark verdict={check.result} />
              <span>
                <UnitText text={check.title} />
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
            {!isSaidByACheck(kit, kit.next.line) && (
              <span className="text-[0.875rem] text-ink2">
                <UnitText text={kit.next.line} />
              </span>
            )}
          </div>
        )}
        {grease && (
          <p className="my-2 flex justify-between gap-2 text-[0.90625rem] text-ink2">
            <span>{texts.grease}</span>
            <b className="number text-ink">
              {kit.positions} × <UnitText text={`${grease.quantityPerPosition} g`} />
            </b>
          </p>
        )}
        <details className="text-[0.875rem] text-ink2" open={(request.findings?.length ?? 0) > 0}>
          <summary className="min-h-8 cursor-pointer font-semibold text-ink">
            {texts.foundOnTheMachine}
          </summary>
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
            {kit.absent.map(({ slot, label, reason }) => (
              <li key={slot}>{texts.no(label.toLowerCase(), reason)}</li>
            ))}
          </ul>
        )}
        <ExtraLines extras={request.extras ?? []} onChange={onExtras} />
        {dropped.length > 0 && (
          <details className="text-[0.875rem] text-ink2">
            <summary className="min-h-8 cursor-pointer font-semibold text-ink">
              {texts.notOnThisMachine(dropped.length)}
            </summary>
            <p className="mb-2 flex flex-wrap gap-1.5">
              {dropped.map((slot) => (
                <button
                  key={slot.id}
                  type="button"
                  className="chip px-2.5"
                  onClick={() => onSet(slot.id, slot.onRequest ? 'auto' : undefined)}
                >
                  + {slot.label.toLowerCase()}
                </button>
              ))}
            </p>
          </details>
        )}
        <Folded title={texts.toolsBySize} lines={kit.tools} />
        <Folded title={texts.safety} lines={kit.cautions} last />
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
            if (kit.complete || confirmed === kit) return
            e.preventDefault()
            setConfirmed(kit)
          }}
        >
          {confirmed === kit && !kit.complete ? texts.printWith(headline(kit)) : texts.printPickList}{' '}
          <kbd>P</kbd>
        </a>
      </div>
    </aside>
  )
}
