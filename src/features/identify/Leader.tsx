'use client'

import { UnitText } from '@/features/shell'
import { writeInchFixed, writeMmFixed } from '@/core/quantity'
import * as texts from '@/texts/identify'
import { PartNumber } from '@/ui/PartNumber'
import { VerdictMark } from '@/ui/VerdictMark'
import { percent, type Candidate } from './answerShares'

function sizes(d: Record<string, number>, write: (mm: number) => string): string {
  const width = d['totalWidth'] ?? d['width'] ?? d['coneWidth'] ?? d['cupWidth']
  return [d['bore'], d['outside'], width].flatMap((mm) => (mm === undefined ? [] : [write(mm)])).join(' × ')
}

/** A share as a bar. */
export function Bar({ share, thin }: { share: number; thin?: boolean }) {
  return (
    <span className={`block overflow-hidden rounded bg-line2 ${thin ? 'h-[5px]' : 'h-[7px]'}`}>
      <i
        className="block h-full rounded bg-ink"
        style={{ width: `${Math.max(1, Math.round(share * 100))}%` }}
      />
    </span>
  )
}

/** Options that go into the decision; each can be left open. */
export function Options({
  candidate,
  open,
  onToggle,
}: {
  candidate: Candidate
  open: ReadonlySet<number>
  onToggle: (at: number) => void
}) {
  if (candidate.options.length === 0) return null
  return (
    <div role="group" aria-label={texts.optionsOfTheNumber} className="mt-1.5 flex flex-wrap gap-1.5">
      {candidate.options.map(({ written, meaning, from }, i) => (
        <button
          key={`${i} ${written}`}
          type="button"
          className="chip px-2.5 text-[0.84375rem]"
          aria-pressed={!open.has(i)}
          title={from === 'seen' ? texts.asSeen(meaning) : meaning}
          onClick={() => onToggle(i)}
        >
          <span className="number mr-1.5 font-medium">{written.trim()}</span>
          <span className="text-ink2">{open.has(i) ? texts.leftOpen : meaning}</span>
        </button>
      ))}
    </div>
  )
}

/** The designation with the options that are not left open. */
export const composed = ({ front, options }: Candidate, open: ReadonlySet<number>): string =>
  front + options.map(({ written }, i) => (open.has(i) ? '' : written)).join('')

/** The part that is likeliest, with its options and why. */
export function Leader({
  candidate,
  designation,
  leads,
  children,
}: {
  candidate: Candidate
  designation: string
  leads: boolean
  children?: React.ReactNode
}) {
  return (
    <div className="border-b border-line pb-3">
      <p className="flex items-baseline justify-between gap-2">
        <span
          data-testid={leads ? 'leader' : 'nearest'}
          className={`number min-w-0 font-semibold tracking-tight break-words ${!leads ? 'text-[1.25rem]' : designation.length > 14 ? 'text-[1.5rem]' : 'text-answer'}`}
        >
          <PartNumber text={designation} />
        </span>
        <b className="number text-reading font-semibold whitespace-nowrap">
          {percent(candidate.probability)}
        </b>
      </p>
      <div className="my-1.5">
        <Bar share={candidate.probability} />
      </div>
      <p className="number text-[0.90625rem] text-ink2">
        {texts.mm(sizes(candidate.dimensions, writeMmFixed))}
        <br />
        {texts.inches(sizes(candidate.dimensions, writeInchFixed))}
      </p>
      <p className="text-[0.875rem] text-ink2">
        {candidate.familyText}
        {candidate.piece !== 'complete' && candidate.piece !== 'seal' ? `, ${candidate.piece}` : ''}
        {candidate.listed
          ? candidate.verified
            ? ''
            : texts.sizesUnverifiedCheckThem
          : texts.computedFromTheSeries}
      </p>
      {children}
      <ul aria-label="Why" className="mt-2 grid gap-[3px] text-[0.875rem]">
        {candidate.evidence.map((e, i) => (
          <li key={`${e.item} ${i}`} className="grid grid-cols-[20px_104px_1fr]">
            <VerdictMark verdict={e.verdict} />
            <span>{e.label}</span>
            <span className="text-ink2">
              <UnitText text={e.detail} />
            </span>
          </li>
        ))}
        {candidate.here && (
          <li className="grid grid-cols-[20px_104px_1fr]">
            <span />
            <span>{texts.here}</span>
            <span className="text-ink2">{candidate.here}</span>
          </li>
        )}
      </ul>
    </div>
  )
}
