'use client'

import { Link } from '@/ui/Link'
import type { Route } from 'next'
import { useState } from 'react'
import { Frame, UnitText } from '@/features/shell'
import type { JobSummary } from '@/contract/job'
import { readText, requestOf, errorMessage } from '@/ui/call'
import { useAnswer } from '@/ui/useAnswer'
import { saveText } from '@/ui/saveText'
import type { Output } from '@/contract/endpoints'
import type { Column } from '@/ui/table/column'
import { DataTable } from '@/ui/table/DataTable'
import { VerdictMark } from '@/ui/VerdictMark'

type Line = Output<'POST /api/campaign'>['lines'][number]

const LINES: Column<Line>[] = [
  {
    id: 'number',
    head: 'Number',
    by: ({ designation }) => designation,
    className: 'number font-medium',
    cell: ({ designation }) => designation,
  },
  {
    id: 'part',
    head: 'Part',
    by: ({ label }) => label,
    cell: ({ label, singleUse }) => (
      <>
        {label}
        {singleUse && <span className="tag ml-2">single use</span>}
      </>
    ),
  },
  {
    id: 'total',
    head: 'Total',
    by: ({ quantity }) => quantity,
    figures: true,
    className: 'font-medium',
    cell: ({ quantity, unit }) => <UnitText text={`${quantity}${unit === 'g' ? ' g' : ''}`} />,
  },
  {
    id: 'available',
    head: 'Available',
    by: ({ stock }) => stock?.free,
    figures: true,
    className: 'text-ink2',
    cell: ({ stock }) => stock?.free ?? '–',
  },
  {
    id: 'bin',
    wide: true,
    head: 'Bin',
    by: ({ stock }) => stock?.bin,
    className: 'number text-ink2',
    cell: ({ stock }) => stock?.bin ?? '',
  },
  {
    id: 'short',
    head: 'Short',
    by: ({ short }) => short,
    figures: true,
    cell: ({ short, unit }) => (
      <span className={short > 0 ? 'font-bold text-contra' : 'text-ink3'}>
        {unit === 'g' ? '' : short || '0'}
      </span>
    ),
  },
  {
    id: 'wantedBy',
    wide: true,
    head: 'Wanted by',
    className: 'max-w-[260px] text-[0.84375rem] text-ink3',
    cell: ({ wantedBy }) => wantedBy.map((w) => `${w.kit}: ${w.quantity}`).join('; '),
  },
]

/** Kits of many jobs as one list: what is needed in all, what lies in the bins, what is short. */
export function CampaignScreen({ jobs, more }: { jobs: readonly JobSummary[]; more: boolean }) {
  const [times, setTimes] = useState<Record<number, number>>({})
  const chosen = jobs.filter((job) => (times[job.id] ?? 0) > 0)
  const kits = chosen.map((job) => ({
    name: `${job.id} ${job.title}`.slice(0, 120),
    job: job.id,
    times: times[job.id],
  }))
  const { answer, message } = useAnswer('POST /api/campaign', kits.length > 0 ? { body: { kits } } : null, 0)
  const list = kits.length > 0 ? answer : null
  const [fault, setFault] = useState('')
  const csv = (): void => {
    setFault('')
    readText(requestOf('POST /api/campaign.csv', { body: { kits } }))
      .then((text) => saveText('campaign.csv', 'text/csv', text))
      .catch((error: unknown) => setFault(errorMessage(error)))
  }
  const order = chosen.map((job) => `${job.id}x${times[job.id]}`).join(',')
  return (
    <Frame
      about={<b className="font-semibold text-ink">Service campaign</b>}
      state={`${chosen.length} kits chosen`}
    >
      <div className="panes [--panes:380px_minmax(0,1fr)]">
        <section aria-label="Kits" className="min-h-0 overflow-auto border-r border-line px-[18px] py-3">
          <h1 className="text-[1.0625rem] font-bold">Which kits, how many times</h1>
          <p className="mb-2 text-[0.875rem] text-ink2">
            Every coach, every roller: the same part becomes one line.
          </p>
          {jobs.length === 0 && (
            <p className="text-ink2">No job has a kit yet. Open one, such as a coach of the land train.</p>
          )}
          {more && (
            <p className="text-[0.875rem] text-ink2">
              The 200 jobs changed last are shown; older ones are found from their own page.
            </p>
          )}
          {jobs.map((job) => (
            <label key={job.id} className="flex min-h-12 items-center gap-3 border-t border-line2 py-1">
              <input
                className="field number w-[58px]"
                inputMode="numeric"
                aria-label={`Times: ${job.title}`}
                placeholder="0"
                value={times[job.id] || ''}
                onChange={(e) =>
                  setTimes({
                    ...times,
                    [job.id]: Math.min(1000, Number(e.target.value.replace(/\D/g, '').slice(0, 4))),
                  })
                }
              />
              <span className="min-w-0">
                <span className="block">{job.title}</span>
                <span className="block text-caption text-ink3">
                  Job {job.id}, {job.kit?.arrangement} × {job.kit?.positions}
                </span>
              </span>
            </label>
          ))}
        </section>
        <section aria-label="One list" className="flex min-h-0 flex-col">
          {(message || fault) && (
            <p role="alert" className="px-[18px] py-2 text-contra">
              {message || fault}
            </p>
          )}
          {!list ? (
            <p className="px-[18px] pt-14 text-ink2">
              Type how many times beside a kit, such as 4 for four coaches. The list of all parts appears
              here.
            </p>
          ) : (
            <>
              <div className="flex items-center gap-2 border-b border-line px-[18px] py-2">
                <b className="text-[1.0625rem] whitespace-nowrap">
                  {list.lines.length} lines, {list.lines.filter((l) => l.short > 0).length} short
                </b>
                {!list.complete && (
                  <span className="text-strain">
                    <VerdictMark verdict="warn" isSaid /> Not settled:{' '}
                    {list.kits
                      .filter((k) => !k.complete)
                      .map((k) => `${k.name}, ${k.gaps.length}`)
                      .join('; ')}
                  </span>
                )}
                <button type="button" className="chip ml-auto px-2.5" onClick={csv}>
                  CSV
                </button>
                <Link
                  href={`/orders?jobs=${order}` as Route}
                  className="button min-h-10 whitespace-nowrap"
                  data-primary
                >
                  Order what is short
                </Link>
              </div>
              <div className="min-h-0 flex-1 px-2.5">
                <DataTable
                  label="Parts of all kits"
                  scrolls
                  rows={list.lines}
                  columns={LINES}
                  keyOf={({ unit, designation }) => `${unit}${designation}`}
                />
              </div>
            </>
          )}
        </section>
      </div>
    </Frame>
  )
}
