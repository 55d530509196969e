'use client'

import Link from 'next/link'
import type { Output } from '@/contract/endpoints'
import type { Route } from 'next'
import { stagePath } from '@/features/job'
import { Frame } from '@/features/shell'
import { STAGES, STAGE_WORDS } from '@/contract/choices'
import type { JobSummary } from '@/contract/job'
import { useTimes } from '@/ui/Times'
import { useUrlChoice, useUrlText } from '@/ui/urlState'
import { usePages } from '@/ui/usePages'

function StageDots({ job }: { job: JobSummary }) {
  const at = STAGES.indexOf(job.stage)
  return (
    <span className="flex items-center gap-1" aria-hidden>
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

interface Props {
  initial: Output<'GET /api/jobs'>
  /** what the page was asked for */
  asked: { text: string; open: boolean }
}

/** Jobs, the one changed last first, with where each stands; all that were ever opened can be found. */
export function JobList({ initial, asked }: Props) {
  const [text, setText] = useUrlText('q')
  const [only, setOnly] = useUrlChoice('open', ['true', 'false'], 'false')
  const open = only === 'true'
  const { day } = useTimes()
  const query = queryOf(text, open)
  const { pages, words, waiting, hasMore, more } = usePages('GET /api/jobs', {
    query,
    initial,
    initialQuery: queryOf(asked.text, asked.open),
  })
  const shown = pages.flatMap(({ items }) => items)
  const filtered = text.trim() !== '' || open
  return (
    <Frame
      about={<b className="font-semibold text-ink">Jobs</b>}
      state={`${shown.length} jobs${hasMore ? ' and more' : ''}`}
    >
      <div className="mx-auto flex h-full max-w-[1120px] flex-col px-3 py-4 sm:px-6">
        <div className="mb-3 flex flex-wrap items-center gap-2">
          <h1 className="mr-auto text-[1.3125rem] font-bold">All jobs</h1>
          <input
            className="field max-w-[200px]"
            aria-label="Filter jobs"
            placeholder="Machine, title or number"
            value={text}
            onChange={(e) => void setText(e.target.value)}
          />
          <button
            type="button"
            className="chip"
            aria-pressed={open}
            onClick={() => void setOnly(open ? 'false' : 'true')}
          >
            open only
          </button>
          <Link href={'/jobs/new' as Route} data-primary className="button">
            New job
          </Link>
        </div>
        <div className="min-h-0 flex-1 overflow-auto">
          <table className="w-full">
            <thead className="caption text-left">
              <tr>
                <th className="px-2 py-2 font-semibold">Job</th>
                <th className="px-2 font-semibold">What</th>
                <th className="px-2 font-semibold">Machine</th>
                <th className="px-2 font-semibold">Part</th>
                <th className="px-2 font-semibold">Stage</th>
                <th className="px-2 text-right font-semibold">Changed</th>
              </tr>
            </thead>
            <tbody>
              {shown.map((job) => (
                <tr key={job.id} className="border-t border-line2 hover:bg-sheet">
                  <td className="number px-2 font-medium">{job.id}</td>
                  <td className="px-2">
                    <Link
                      href={stagePath(job.id, job.stage)}
                      className="flex min-h-11 items-center font-medium"
                    >
                      {job.title}
                    </Link>
                  </td>
                  <td className="px-2 text-ink2">
                    {[job.where, job.partOf === null ? '' : `a position of job ${job.partOf}`]
                      .filter(Boolean)
                      .join(', ')}
                  </td>
                  <td className="number px-2">
                    {job.designations.join(', ') || <span className="text-ink3">–</span>}
                  </td>
                  <td className="px-2">
                    <span className="flex items-center gap-2 whitespace-nowrap">
                      <StageDots job={job} />
                      {job.closedAt ? 'Closed' : STAGE_WORDS[job.stage]}
                      {job.recheck && <span className="tag">recheck {job.recheck}</span>}
                    </span>
                  </td>
                  <td className="number px-2 text-right whitespace-nowrap text-[0.875rem] text-ink2">
                    {day(job.updatedAt)}
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
          {words && (
            <p role="alert" className="p-3 text-contra">
              {words}
            </p>
          )}
          {hasMore && (
            <button type="button" className="button m-3" onClick={more}>
              More jobs
            </button>
          )}
          {shown.length === 0 && !waiting && (
            <p className="p-6 text-ink2">
              {!filtered
                ? 'No jobs yet. Open one for the machine that came in, such as a wheel of the land train.'
                : 'No match. Clear the filter, or show the closed jobs too.'}
            </p>
          )}
        </div>
      </div>
    </Frame>
  )
}
