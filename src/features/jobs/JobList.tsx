'use client'

import Link from 'next/link'
import type { Route } from 'next'
import { useMemo, useState } from 'react'
import { recheckDates } from '@/core/adjust'
import { isSeparable, stagePath, type MachineChoice } from '@/features/job'
import { Frame } from '@/features/shell'
import { STAGE_WORDS, STAGES, type Job } from '@/services/schemas/job'

/** What is not part of one job. */
const ELSEWHERE = [
  ['/machines', 'Machines'],
  ['/catalogue', 'Catalogue'],
  ['/seals', 'Seals'],
  ['/fits', 'Fits'],
  ['/convert', 'Convert'],
  ['/store', 'Store'],
  ['/orders', 'Orders'],
  ['/campaign', 'Campaign'],
  ['/lists', 'Lists'],
  ['/toolbox', 'Toolbox'],
  ['/tray', 'Batch tray'],
] as const

/** When to look again at what was fitted; empty before it is. */
function lookAgain(job: Job, today: string): string {
  const on = job.fitting?.fittedOn
  if (!on || job.closedAt) return ''
  const wet = job.intake.use.some((use) => use === 'washed' || use === 'submerged')
  const next = recheckDates(on, isSeparable(job), wet).find((r) => r.date >= today)
  return next ? `look again ${next.date}` : ''
}

const day = (iso: string): string => iso.slice(0, 10)

function StageDots({ job }: { job: Job }) {
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

interface Props {
  jobs: readonly Job[]
  machines: readonly MachineChoice[]
  /** ISO date */
  today: string
}

/** All jobs, latest first, with where each stands. */
export function JobList({ jobs, machines, today }: Props) {
  const [text, setText] = useState('')
  const [open, setOpen] = useState(true)
  const names = useMemo(() => new Map(machines.map((m) => [m.id, m.name])), [machines])
  const shown = jobs.filter((job) => {
    const all =
      `${job.id} ${job.title} ${job.machineId ? names.get(job.machineId) : ''} ${job.decision?.designation ?? ''}`.toLowerCase()
    return (!open || !job.closedAt) && all.includes(text.toLowerCase())
  })
  return (
    <Frame about={<b className="font-semibold text-ink">Jobs</b>} state={`${jobs.length} jobs`}>
      <div className="mx-auto flex h-full max-w-[1120px] flex-col px-6 py-4">
        <div className="mb-3 flex items-center gap-2">
          <h1 className="mr-auto text-[21px] font-bold">Jobs on the bench</h1>
          <input
            className="field max-w-[200px]"
            aria-label="Filter jobs"
            placeholder="Machine, title or number"
            value={text}
            onChange={(e) => setText(e.target.value)}
          />
          <button type="button" className="chip" aria-pressed={open} onClick={() => setOpen(!open)}>
            open only
          </button>
          <Link href={'/identify' as Route} className="button">
            Quick look-up
          </Link>
          <Link href={'/jobs/new' as Route} data-primary className="button">
            New job
          </Link>
        </div>
        <nav aria-label="Elsewhere in the shop" className="mb-2 flex flex-wrap gap-1.5">
          {ELSEWHERE.map(([path, words]) => (
            <Link key={path} href={path as Route} className="chip px-3">
              {words}
            </Link>
          ))}
        </nav>
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
                    {job.machineId ? names.get(job.machineId) : job.intake.position}
                  </td>
                  <td className="number px-2">
                    {job.decision?.designation ?? <span className="text-ink3">–</span>}
                  </td>
                  <td className="px-2">
                    <span className="flex items-center gap-2 whitespace-nowrap">
                      <StageDots job={job} />
                      {job.closedAt ? 'Closed' : STAGE_WORDS[job.stage]}
                      {lookAgain(job, today) && <span className="tag">{lookAgain(job, today)}</span>}
                    </span>
                  </td>
                  <td className="number px-2 text-right text-[14px] text-ink2">{day(job.updatedAt)}</td>
                </tr>
              ))}
            </tbody>
          </table>
          {shown.length === 0 && (
            <p className="p-6 text-ink2">
              {jobs.length === 0
                ? 'No jobs yet. Open one for the machine that came in, such as a wheel of the land train.'
                : 'No job by that name. Clear the filter, or look among the closed ones.'}
            </p>
          )}
        </div>
      </div>
    </Frame>
  )
}
