'use client'

import * as texts from '@/texts/campaign'
import * as common from '@/texts/common'
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
    head: common.number,
    by: ({ designation }) => designation,
    className: 'number font-medium',
    cell: ({ designation }) => designation,
  },
  {
    id: 'part',
    head: common.part,
    by: ({ label }) => label,
    cell: ({ label, singleUse }) => (
      <>
        {label}
        {singleUse && <span className="tag ml-2">{common.singleUse}</span>}
      </>
    ),
  },
  {
    id: 'total',
    head: common.total,
    by: ({ quantity }) => quantity,
    figures: true,
    className: 'font-medium',
    cell: ({ quantity, unit }) => <UnitText text={`${quantity}${unit === 'g' ? ' g' : ''}`} />,
  },
  {
    id: 'available',
    head: common.available,
    by: ({ stock }) => stock?.free,
    figures: true,
    className: 'text-ink2',
    cell: ({ stock }) => stock?.free ?? '–',
  },
  {
    id: 'bin',
    wide: true,
    head: common.bin,
    by: ({ stock }) => stock?.bin,
    className: 'number text-ink2',
    cell: ({ stock }) => stock?.bin ?? '',
  },
  {
    id: 'short',
    head: texts.short,
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
    head: texts.wantedBy,
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
      about={<b className="font-semibold text-ink">{texts.serviceCampaign}</b>}
      state={texts.kitsChosen(chosen.length)}
    >
      <div className="panes [--panes:380px_minmax(0,1fr)]">
        <section
          aria-label={texts.kits}
          className="min-h-0 overflow-auto border-r border-line px-[18px] py-3"
        >
          <h1 className="text-[1.0625rem] font-bold">{texts.whichKitsHowManyTimes}</h1>
          <p className="mb-2 text-[0.875rem] text-ink2">{texts.everyCoachEveryRoller}</p>
          {jobs.length === 0 && <p className="text-ink2">{texts.noJobHasA}</p>}
          {more && <p className="text-[0.875rem] text-ink2">{texts.the200JobsChanged}</p>}
          {jobs.map((job) => (
            <label key={job.id} className="flex min-h-12 items-center gap-3 border-t border-line2 py-1">
              <input
                className="field number w-[58px]"
                inputMode="numeric"
                aria-label={texts.times(job.title)}
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
                  {texts.job(job.id)} {job.kit?.arrangement} × {job.kit?.positions}
                </span>
              </span>
            </label>
          ))}
        </section>
        <section aria-label={texts.oneList} className="flex min-h-0 flex-col">
          {(message || fault) && (
            <p role="alert" className="px-[18px] py-2 text-contra">
              {message || fault}
            </p>
          )}
          {!list ? (
            <p className="px-[18px] pt-14 text-ink2">{texts.typeHowManyTimes}</p>
          ) : (
            <>
              <div className="flex items-center gap-2 border-b border-line px-[18px] py-2">
                <b className="text-[1.0625rem] whitespace-nowrap">
                  {texts.linesShort(list.lines.length, list.lines.filter((l) => l.short > 0).length)}
                </b>
                {!list.complete && (
                  <span className="text-strain">
                    <VerdictMark verdict="warn" isSaid />{' '}
                    {texts.notSettled(
                      list.kits
                        .filter((k) => !k.complete)
                        .map((k) => `${k.name}, ${k.gaps.length}`)
                        .join('; '),
                    )}
                  </span>
                )}
                <button type="button" className="chip ml-auto px-2.5" onClick={csv}>
                  {common.csv}
                </button>
                <Link
                  href={`/orders?jobs=${order}` as Route}
                  className="button min-h-10 whitespace-nowrap"
                  data-primary
                >
                  {texts.orderWhatIsShort}
                </Link>
              </div>
              <div className="min-h-0 flex-1 px-2.5">
                <DataTable
                  label={texts.partsOfAllKits}
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
