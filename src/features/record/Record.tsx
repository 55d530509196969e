'use client'

import Link from 'next/link'
import { DAMAGE, INSPECTED_WORDS } from '@/core/inspect'
import { JobFrame, stagePath, useJob } from '@/features/job'
import { Photos } from '@/features/photos'

interface Entry {
  kind: string
  summary: string
  at: string
}

const when = (iso: string): string => iso.slice(0, 16).replace('T', ' ')

/** What was found and decided, and how the job came to be what it is. */
export function Record({ history }: { history: readonly Entry[] }) {
  const { job, machines, change } = useJob()
  const machine = machines.find((m) => m.id === job.machineId)
  const position = machine?.positions.find((p) => p.id === job.positionId)
  const facts: [string, string][] = [
    ['Machine', machine ? `${machine.name}${position ? `, ${position.name}` : ''}` : 'not in the register'],
    ['Heard or felt', job.intake.heard.join(', ') || 'nothing noted'],
    ['Stamped', job.evidence.stamps.map((s) => s.text).join(', ') || 'nothing read'],
    [
      'Measured',
      job.evidence.measurements
        .map((m) => `${m.feature} ${m.readings.join('; ')}${m.struck ? ' (struck out)' : ''}`)
        .join(', ') || 'nothing',
    ],
    ['Decided', job.decision?.designation ?? 'not yet'],
    ['Compared', job.comparison?.result ? job.comparison.result.words : 'not compared'],
    [
      'Inspected',
      job.inspection && job.inspection.seen.length > 0
        ? job.inspection.seen
            .map(
              (s) =>
                `${INSPECTED_WORDS[s.part]}: ${DAMAGE.find((m) => m.id === s.damage)?.words.toLowerCase() ?? s.damage}, ${s.severity}`,
            )
            .join('; ')
        : 'nothing noted',
    ],
    ['Kit', job.kit ? `${job.kit.arrangement}, ${job.kit.positions} positions` : 'none yet'],
    [
      'Fitted',
      job.fitting
        ? [
            job.fitting.fittedOn,
            `${Object.keys(job.fitting.done).length} steps ticked`,
            job.fitting.signed ? `signed off by ${job.fitting.signed.who}` : 'not signed off',
          ]
            .filter(Boolean)
            .join(', ')
        : 'not yet',
    ],
  ]
  return (
    <JobFrame stage="record">
      <div className="grid h-full min-h-0 grid-cols-[minmax(0,1fr)_400px]">
        <section className="flex min-h-0 flex-col overflow-auto px-6 py-4">
          <h1 className="mb-3 text-[21px] font-bold">Record</h1>
          <dl className="grid grid-cols-[130px_1fr]">
            {facts.map(([name, value]) => (
              <div key={name} className="contents">
                <dt className="border-t border-line2 py-2 text-ink2">{name}</dt>
                <dd className="border-t border-line2 py-2">{value}</dd>
              </div>
            ))}
          </dl>
          {job.intake.note && (
            <p className="mt-4 max-w-[70ch] whitespace-pre-wrap text-ink2">{job.intake.note}</p>
          )}
          <Photos jobId={job.id} about="record" />
          <div className="mt-6 flex gap-2">
            <button
              type="button"
              data-primary
              className="button"
              onClick={() => change({ closed: job.closedAt === null, stage: 'record' })}
            >
              {job.closedAt ? 'Open the job again' : 'Close the job'}
            </button>
            {job.kit && (
              <a href={`/api/jobs/${job.id}/kit.pdf`} target="_blank" rel="noreferrer" className="button">
                Pick list as PDF
              </a>
            )}
            {job.kit && (
              <a href={`/api/jobs/${job.id}/card.pdf`} target="_blank" rel="noreferrer" className="button">
                Job card as PDF
              </a>
            )}
            {!job.kit && (
              <Link href={stagePath(job.id, 'kit')} className="button">
                Build the kit
              </Link>
            )}
          </div>
        </section>
        <section
          aria-label="History"
          tabIndex={0}
          className="min-h-0 overflow-auto border-l border-line bg-sheet px-5 py-4"
        >
          <h2 className="caption mb-2">History, newest first</h2>
          <ol>
            {history.map((entry, i) => (
              <li key={i} className="grid grid-cols-[130px_1fr] border-t border-line2 py-2">
                <time dateTime={entry.at} className="number text-[13.5px] text-ink3">
                  {when(entry.at)}
                </time>
                {entry.summary}
              </li>
            ))}
          </ol>
        </section>
      </div>
    </JobFrame>
  )
}
