'use client'

import * as common from '@/texts/common'
import * as texts from '@/texts/jobs'
import { Link } from '@/ui/Link'
import { useMemo } from 'react'
import type { Output } from '@/contract/endpoints'
import type { Route } from 'next'
import { stagePath } from '@/features/job'
import { Frame } from '@/features/shell'
import { STAGES, STAGE_LABELS } from '@/contract/choices'
import type { JobSummary } from '@/contract/job'
import { useTimes } from '@/ui/Times'
import { useUrlChoice, useUrlText } from '@/ui/urlState'
import { usePages } from '@/ui/usePages'
import type { Column } from '@/ui/table/column'
import { DataTable } from '@/ui/table/DataTable'

function StageDots({ job }: { job: JobSummary }) {
  const at = STAGES.indexOf(job.stage)
  return (
    <span className="flex items-center gap-1 max-sm:hidden" aria-hidden>
      {STAGES.map((stage, i) => (
        <i
          key={stage}
          className={`size-[9px] rounded-full border-[1.5px] ${i < at || job.closedAt ? 'border-ink2 bg-ink2' : i === at ? 'border-lamp bg-lamp' : 'border-ink3'}`}
        />
      ))}
    </span>
  )
}

const queryOf = (text: string, open: boolean): string => `q=${encodeURIComponent(text.trim())}&open=${open}`

const columnsOf = (day: (at: string) => string): Column<JobSummary>[] => [
  { id: 'job', head: common.job, by: ({ id }) => id, className: 'number font-medium', cell: ({ id }) => id },
  {
    id: 'what',
    head: texts.what,
    by: ({ title }) => title,
    cell: (job) => (
      <Link href={stagePath(job.id, job.stage)} className="flex min-h-11 items-center font-medium">
        {job.title}
      </Link>
    ),
  },
  {
    id: 'machine',
    wide: true,
    head: common.machine,
    by: ({ where }) => where || null,
    className: 'text-ink2',
    optional: true,
    cell: ({ where, partOf }) =>
      [where, partOf === null ? '' : texts.aPositionOfJob(partOf)].filter(Boolean).join(', '),
  },
  {
    id: 'part',
    wide: true,
    head: common.part,
    by: ({ designations }) => designations[0] ?? null,
    className: 'number',
    optional: true,
    cell: ({ designations }) => designations.join(', ') || <span className="text-ink3">–</span>,
  },
  {
    id: 'stage',
    head: texts.stage,
    by: ({ stage, closedAt }) => (closedAt ? STAGES.length : STAGES.indexOf(stage)),
    optional: true,
    cell: (job) => (
      <span className="flex items-center gap-2 whitespace-nowrap">
        <StageDots job={job} />
        {job.closedAt ? texts.closed : STAGE_LABELS[job.stage]}
        {job.recheck && <span className="tag">{texts.recheck(job.recheck)}</span>}
      </span>
    ),
  },
  {
    id: 'changed',
    wide: true,
    head: texts.changed,
    by: ({ updatedAt }) => updatedAt,
    figures: true,
    className: 'whitespace-nowrap text-[0.875rem] text-ink2',
    optional: true,
    cell: ({ updatedAt }) => day(updatedAt),
  },
]

interface Props {
  initial: Output<'GET /api/jobs'>
  /** what the page was asked for */
  initialQuery: { text: string; open: boolean }
}

/** Jobs, the one changed last first, with where each stands; all that were ever opened can be found. */
export function JobList({ initial, initialQuery }: Props) {
  const [text, setText] = useUrlText('q')
  const [only, setOnly] = useUrlChoice('open', ['true', 'false'], 'false')
  const open = only === 'true'
  const { day } = useTimes()
  const query = queryOf(text, open)
  const list = usePages('GET /api/jobs', {
    query,
    initial,
    initialQuery: queryOf(initialQuery.text, initialQuery.open),
  })
  const { message, waiting, hasMore, more } = list
  const shown = useMemo(() => list.pages.flatMap(({ items }) => items), [list.pages])
  const columns = useMemo(() => columnsOf(day), [day])
  const filtered = text.trim() !== '' || open
  return (
    <Frame
      about={<b className="font-semibold text-ink">{common.jobs}</b>}
      state={texts.jobs(shown.length, hasMore)}
    >
      <div className="mx-auto flex h-full max-w-[1120px] flex-col px-3 py-4 sm:px-6">
        <div className="mb-3 flex flex-wrap items-center gap-2">
          <h1 className="mr-auto text-[1.3125rem] font-bold">{common.allJobs}</h1>
          <input
            className="field max-w-[200px]"
            aria-label={texts.filterJobs}
            placeholder={texts.machineTitleOrNumber}
            value={text}
            onChange={(e) => void setText(e.target.value)}
          />
          <button
            type="button"
            className="chip"
            aria-pressed={open}
            onClick={() => void setOnly(open ? 'false' : 'true')}
          >
            {texts.openOnly}
          </button>
          <Link href={'/jobs/new' as Route} data-primary className="button">
            {common.newJob}
          </Link>
        </div>
        <div className="min-h-0 flex-1">
          <DataTable
            label={common.jobs}
            scrolls
            rows={shown}
            columns={columns}
            columnsKey="jobs"
            pages={list}
            keyOf={(job) => job.id}
            rowHeight={45}
            rowClass={() => 'hover:bg-sheet'}
          >
            {message && (
              <p role="alert" className="p-3 text-contra">
                {message}
              </p>
            )}
            {hasMore && (
              <button type="button" className="button m-3" onClick={more}>
                {texts.moreJobs}
              </button>
            )}
            {shown.length === 0 && !waiting && (
              <p className="p-6 text-ink2">{!filtered ? texts.noJobsYetOpen : texts.noMatchClearThe}</p>
            )}
          </DataTable>
        </div>
      </div>
    </Frame>
  )
}
