'use client'

import type { MachineDetail } from '@/contract/machine'
import type { Route } from 'next'
import * as texts from '@/texts/machines'
import { Link } from '@/ui/Link'
import { DAMAGE, INSPECTED, INSPECTED_LABELS, type Inspected } from '@/core/inspect'
import { stagePath } from '@/features/job'
import { useTimes } from '@/ui/Times'

export type Position = MachineDetail['positions'][number]

/** Parts of a position, with their sheets. */
export function PositionParts({ parts, label }: { parts: Position['parts']; label: string }) {
  if (parts.length === 0) return null
  return (
    <section aria-label={label} className="mb-1 text-[0.875rem]">
      <h3 className="caption pt-1">{label}</h3>
      <ul>
        {parts.map((p, i) => (
          <li
            key={i}
            className="flex flex-wrap gap-x-3 border-t border-line2 py-1 sm:grid sm:grid-cols-[minmax(0,1fr)_minmax(0,1fr)_3rem_14rem_4.5rem]"
          >
            <span>{p.label}</span>
            <span className="number break-note">{p.designation}</span>
            <span className="number sm:text-right">{p.quantity} ×</span>
            <span className="number text-ink2">
              {p.fittedOn}
              {p.replacedOn && texts.to(p.replacedOn)}
            </span>
            {p.jobId !== null && (
              <Link
                href={`/jobs/${p.jobId}/record` as Route}
                className="underline underline-offset-4 sm:text-right"
              >
                {texts.job(p.jobId)}
              </Link>
            )}
          </li>
        ))}
      </ul>
    </section>
  )
}

/** What was found at a position, the latest job first. */
export function Found({ found }: { found: Position['found'] }) {
  const { day } = useTimes()
  if (found.length === 0) return null
  return (
    <section aria-label={texts.foundHere} className="mb-1 text-[0.875rem]">
      <h3 className="caption pt-1">{texts.foundHere}</h3>
      <ul>
        {found.map((f, i) => (
          <li
            key={i}
            className="flex flex-wrap gap-x-3 border-t border-line2 py-1 sm:grid sm:grid-cols-[minmax(0,1fr)_minmax(0,1fr)_14rem_4.5rem]"
          >
            <span>
              {INSPECTED.includes(f.part as Inspected) ? INSPECTED_LABELS[f.part as Inspected] : f.part}
            </span>
            <span>{DAMAGE.find(({ id }) => id === f.damage)?.label ?? f.damage}</span>
            <span className="text-ink2">
              {f.severity}, {day(f.at)}
            </span>
            <Link href={stagePath(f.jobId, 'inspect')} className="underline underline-offset-4 sm:text-right">
              {texts.job(f.jobId)}
            </Link>
          </li>
        ))}
      </ul>
    </section>
  )
}
