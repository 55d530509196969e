'use client'

import type { Route } from 'next'
import * as texts from '@/texts/bench'
import * as common from '@/texts/common'
import { Link } from '@/ui/Link'
import { useRouter } from 'next/navigation'
import { type ReactNode } from 'react'
import { WAITS, WAITS_LABELS } from '@/contract/choices'
import type { BenchResponse } from '@/contract/bench'
import { stagePath } from '@/features/job'
import { Finder, Frame } from '@/features/shell'
import { useKeys } from '@/ui/useKeys'
import { NotStored } from './NotStored'

const HINTS = [
  { keys: '/', label: texts.lookUp, foot: true },
  { keys: 'Alt N', label: texts.newJob, foot: true },
  { keys: 'Alt J', label: texts.allJobs, foot: true },
  { keys: 'Alt L', label: texts.logbookLower, foot: true },
]
const PLACES: Readonly<Record<string, string>> = { n: '/jobs/new', j: '/jobs', l: '/logbook' }

function Group({ name, count, children }: { name: string; count: string; children: ReactNode }) {
  return (
    <section className="mt-5">
      <h2 className="flex justify-between border-b border-line pb-1.5 text-[0.9375rem] font-semibold text-ink2">
        {name} <span className="number font-normal text-ink3">{count}</span>
      </h2>
      <ul>{children}</ul>
    </section>
  )
}

const ROW =
  'grid min-h-11 grid-cols-[3rem_minmax(0,1fr)] items-center gap-x-2 border-b border-line2 py-1.5 hover:bg-sheet sm:grid-cols-[3rem_minmax(0,1fr)_minmax(0,10.5rem)_minmax(0,13.5rem)]'

function Jobs({ bench }: { bench: BenchResponse }) {
  return WAITS.flatMap((waits) => {
    const jobs = bench.jobs.filter((job) => job.waits === waits)
    return jobs.length === 0
      ? []
      : [
          <Group key={waits} name={WAITS_LABELS[waits]} count={String(jobs.length)}>
            {jobs.map((job) => (
              <li key={job.id}>
                <Link href={stagePath(job.id, job.stage)} className={ROW}>
                  <b className="number">{job.id}</b>
                  <span className="min-w-0 font-medium">{job.title}</span>
                  <span
                    className={`number min-w-0 break-words max-sm:col-start-2 ${job.parts.length === 0 ? 'max-sm:hidden' : ''}`}
                  >
                    {job.parts.join(', ') || '–'}
                  </span>
                  <span
                    className={`min-w-0 max-sm:col-start-2 ${waits === 'you' ? 'text-lamp-ink' : 'text-ink2'}`}
                  >
                    {job.next}
                  </span>
                </Link>
              </li>
            ))}
          </Group>,
        ]
  })
}

function Rechecks({ bench: { rechecks, moreRechecks } }: { bench: BenchResponse }) {
  if (rechecks.length === 0) return null
  return (
    <Group name="Rechecks due" count={String(rechecks.length + moreRechecks)}>
      {rechecks.map((recheck) => (
        <li key={recheck.id}>
          <Link href={`/logbook#recheck-${recheck.id}` as Route} className={ROW}>
            <b className="number">{recheck.jobId}</b>
            <span className="min-w-0 font-medium">{recheck.title}</span>
            <span className="min-w-0 text-ink2 max-sm:col-start-2">{recheck.what}</span>
            <span className={`max-sm:col-start-2 ${recheck.overdue ? 'text-lamp-ink' : 'text-ink2'}`}>
              {recheck.overdue ? texts.dueSince : texts.due}
              <span className="number">{recheck.dueOn}</span>
            </span>
          </Link>
        </li>
      ))}
      {moreRechecks > 0 && (
        <li>
          <Link
            href={'/logbook' as Route}
            className="flex min-h-11 items-center underline underline-offset-4"
          >
            {texts.more(moreRechecks)}
          </Link>
        </li>
      )}
    </Group>
  )
}

function Card({ name, href, children }: { name: string; href: string; children: ReactNode }) {
  return (
    <section className="rounded-lg border border-line bg-paper px-3.5 pt-1 pb-2.5">
      <h2 className="text-[0.9375rem] font-semibold text-ink2">
        <Link href={href as Route} className="flex min-h-11 items-center">
          {name}
        </Link>
      </h2>
      {children}
    </section>
  )
}

function Season({ season }: { season: BenchResponse['season'] }) {
  const most = Math.max(1, ...season.causes.map(({ count }) => count))
  return (
    <Card name="Last twelve months" href="/logbook?tab=failures">
      {season.causes.length === 0 ? (
        <p className="text-[0.875rem] text-ink2">{texts.noFindingsYetThey}</p>
      ) : (
        <>
          <ul>
            {season.causes.map((cause) => (
              <li
                key={cause.id}
                className="grid grid-cols-[minmax(0,1fr)_7rem] items-center gap-2 text-[0.875rem]"
              >
                <span>{cause.label}</span>
                <span className="block h-3 border border-ink2 bg-sheet" aria-hidden>
                  <i className="block h-full bg-ink2" style={{ width: `${(100 * cause.count) / most}%` }} />
                </span>
              </li>
            ))}
          </ul>
          <p className="mt-2 text-[0.875rem] text-ink2">
            {texts.jobs(season.jobs)}
            {season.most && texts.ofThemOn(season.most.jobs, season.most.label)}
            {texts.cameBack(season.cameBack === 0 ? texts.none : season.cameBack)}
          </p>
        </>
      )}
    </Card>
  )
}

/** What asks for something now, around one field that finds everything. */
export function BenchScreen({ bench }: { bench: BenchResponse }) {
  const router = useRouter()
  const go = (to: string) => router.push(to as Route)
  const lookUp = () => document.querySelector<HTMLElement>('[data-look-up]')?.focus()
  useKeys({ '/': lookUp, 'Shift+/': lookUp })
  // With Alt: plain letters begin a number in the field, which has the focus from the start.
  useKeys(Object.fromEntries(Object.entries(PLACES).map(([key, to]) => [`Alt+${key}`, () => go(to)])), {
    whileTyping: true,
  })
  return (
    <Frame
      about={<h1 className="font-semibold text-ink">{texts.bench}</h1>}
      hints={HINTS}
      state={texts.jobsOpen(bench.openJobs)}
    >
      <div className="panes [--panes:minmax(0,1fr)_372px]">
        <section className="min-h-0 overflow-auto px-3 py-4 sm:px-[26px]">
          <div className="grid grid-cols-[minmax(0,1fr)_auto] gap-2.5">
            <Finder inline go={go} actions={[]} placeholder={texts.numberSizesOrMachine} />
            <Link href={'/jobs/new' as Route} data-primary className="button h-[60px]! font-bold">
              {common.newJob}
            </Link>
          </div>
          <NotStored />
          <Jobs bench={bench} />
          {bench.jobs.length === 0 && <p className="py-8 text-ink2">{texts.noJobIsOpen}</p>}
          <Rechecks bench={bench} />
          <p className="mt-4">
            <Link
              href={'/jobs' as Route}
              className="inline-flex min-h-11 items-center underline underline-offset-4"
            >
              {common.allJobs}
              {bench.openJobs > bench.jobs.length && texts.ofThemOpen(bench.openJobs)}
            </Link>
          </p>
        </section>
        <section className="grid min-h-0 content-start gap-3 overflow-auto border-l border-line bg-sheet p-[18px]">
          <Card name="Short in the store" href="/store?view=low">
            {bench.short.items.length === 0 ? (
              <p className="text-[0.875rem] text-ink2">{texts.nothingIsBelowItsMinimum}</p>
            ) : (
              <ul>
                {bench.short.items.map(({ designation, free, minimum }) => (
                  <li key={designation} className="flex justify-between py-0.5">
                    <span className="number min-w-0 break-note">{designation}</span>
                    <span className="number whitespace-nowrap text-ink2">{texts.of(free, minimum)}</span>
                  </li>
                ))}
                {bench.short.all > bench.short.items.length && (
                  <li className="text-[0.875rem] text-ink2">
                    {texts.moreOfAll(bench.short.all - bench.short.items.length)}
                  </li>
                )}
              </ul>
            )}
          </Card>
          <Season season={bench.season} />
          <Card name="Last fitted" href="/machines">
            {bench.fitted.length === 0 ? (
              <p className="text-[0.875rem] text-ink2">{texts.closingAJobWrites}</p>
            ) : (
              <ul>
                {bench.fitted.map(({ machineId, where, fitted, on }) => (
                  <li key={where}>
                    <Link
                      href={`/machines/${machineId}` as Route}
                      className="grid min-h-11 grid-cols-[minmax(0,1fr)_auto] items-center gap-x-2"
                    >
                      <span className="min-w-0">{where}</span>
                      <span className="number text-[0.8125rem] text-ink3">{on}</span>
                      <span className="number col-span-2 break-words text-[0.875rem] text-ink2">
                        {fitted}
                      </span>
                    </Link>
                  </li>
                ))}
              </ul>
            )}
          </Card>
        </section>
      </div>
    </Frame>
  )
}
