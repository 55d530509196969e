'use client'

import dynamic from 'next/dynamic'
import type { Route } from 'next'
import * as common from '@/texts/common'
import * as texts from '@/texts/record'
import { Link } from '@/ui/Link'
import { useRouter } from 'next/navigation'
import { useEffect, useRef } from 'react'
import { ITEM_LABELS, readMeasurements } from '@/core/identify'
import { readLength } from '@/core/quantity'
import { INSPECTED_LABELS, placeText } from '@/core/inspect'
import { JobFrame, stagePath, useJob } from '@/features/job'
import type { Measurement } from '@/contract/evidence'
import { HEARD_LABELS } from '@/contract/choices'
import type { Bearing, JobHistory, JobPositions } from '@/contract/job'
import type { z } from 'zod'
import { CloseJob } from './CloseJob'
import { CopyJob } from './CopyJob'
import { RemoveJob } from './RemoveJob'
import { useTimes } from '@/ui/Times'
import type { Column } from '@/ui/table/column'
import { DataTable } from '@/ui/table/DataTable'
import { usePages } from '@/ui/usePages'
import { usePaperUrl } from '@/features/shell'

/** Photographs stand at the end of the record and bring their own tools; their room is kept, or the buttons below would move while they come. */
const Photos = dynamic(() => import('@/features/photos').then((photos) => photos.Photos), {
  ssr: false,
  loading: () => <div className="h-[5.5rem]" />,
})

/** A line of the kit, as far as the record tells it. */
interface FittedLine {
  label: string
  designation: string
  quantity: number
  stays: boolean
}

const PART_COLUMNS: Column<FittedLine>[] = [
  { id: 'part', head: common.part, cell: ({ label }) => label },
  { id: 'number', head: common.number, className: 'number', cell: ({ designation }) => designation },
  {
    id: 'quantity',
    head: common.quantity,
    figures: true,
    // What comes with another part has no count of its own.
    cell: ({ stays, quantity }) => (stays ? '' : quantity || '–'),
  },
]

type Entry = JobHistory['items'][number]

/** Typing that goes on: entries of one kind within this time are shown as one, all are kept. */
const ONE_SHOWN_MS = 120_000
const TYPED: ReadonlySet<string> = new Set([
  'evidence',
  'intake',
  'fitting',
  'kit',
  'inspection',
  'comparison',
])

/** Entries as they are shown, the latest of a stretch of typing for all of it. */
const grouped = (history: readonly Entry[]): Entry[] =>
  history.filter((entry, i) => {
    if (entry.kind === 'stage') return false
    const later = history.slice(0, i).findLast(({ kind }) => kind !== 'stage')
    return !(
      later &&
      TYPED.has(entry.kind) &&
      later.kind === entry.kind &&
      Date.parse(later.at) - Date.parse(entry.at) < ONE_SHOWN_MS
    )
  })

/** What is known of one bearing; a name before each where there are several. */
function bearingFacts(
  { name, ordinal, evidence, decision, comparison, inspection }: Bearing,
  all: readonly Bearing[],
  damageLabels: Props['damageLabels'],
): [string, string][] {
  const of = (what: string): string => (all.length > 1 ? `${name || texts.bearing(ordinal)}: ${what}` : what)
  // The unit each was read in, whether it was said or follows from the other sizes.
  const read = readMeasurements(evidence.measurements)
  const withUnit = (m: z.output<typeof Measurement>, text: string): string => {
    const typed = readLength(text)
    if (typed.ok && typed.value.stated) return text
    const found = read.ok ? read.value.find(({ feature }) => feature === m.feature) : undefined
    const unit = found?.unit ?? (m.unit === 'auto' ? '' : m.unit)
    return `${text} ${unit}`.trim()
  }
  return [
    [of(texts.stamped), evidence.stamps.map((s) => s.text).join(', ') || texts.nothingRead],
    [
      of(common.measured),
      evidence.measurements
        .map(
          (m) =>
            `${(ITEM_LABELS[m.feature] ?? m.feature).toLowerCase()} ${m.readings.map((text) => withUnit(m, text)).join('; ')}${m.struck ? texts.excluded : ''}`,
        )
        .join(', ') || 'nothing',
    ],
    [of(texts.decided), decision?.designation ?? texts.notYetLower],
    [of(texts.compared), comparison?.result ? comparison.result.message : texts.notCompared],
    [
      of(texts.inspected),
      inspection && inspection.seen.length > 0
        ? inspection.seen
            .map(
              (s) =>
                `${INSPECTED_LABELS[s.part]}: ${damageLabels.get(s.damage)?.toLowerCase() ?? s.damage}, ${[s.severity, placeText(s)].filter(Boolean).join(', ')}`,
            )
            .join('; ')
        : texts.nothingNoted,
    ],
  ]
}

interface Props {
  /** its first page */
  history: JobHistory
  parts: readonly FittedLine[]
  /** jobs that came back of this one */
  cameBackAs: readonly number[]
  /** positions of the job, this one among them */
  positions: JobPositions['positions']
  /** what each kind of damage is called: the guide itself would be loaded for its names alone */
  damageLabels: ReadonlyMap<string, string>
}

/** What was found and decided, and how the job came to be what it is. */
export function Record({ history, parts, cameBackAs, positions, damageLabels }: Props) {
  const { time, zone } = useTimes()
  const { job, machine, pathTo, state } = useJob()
  const paperUrl = usePaperUrl()
  const router = useRouter()
  const shown = useRef(job.version)
  useEffect(() => {
    if (state.kind !== 'saved' || job.version === shown.current) return
    // Closed or opened again: history and fitted parts are the server's.
    shown.current = job.version
    router.refresh()
  }, [state, job.version, router])
  // Named by its newest entry: what came since begins the list anew.
  const newest = `newest=${history.items[0]?.id ?? 0}`
  const { pages, hasMore, more } = usePages('GET /api/jobs/{id}/history', {
    path: { id: job.id },
    query: newest,
    initial: history,
    initialQuery: newest,
  })
  const entries = pages.flatMap(({ items }) => items)
  const position = machine?.positions.find((p) => p.id === job.positionId)
  const withKit = positions.filter(({ hasKit }) => hasKit)
  const facts: [string, string][] = [
    [
      common.machine,
      machine
        ? [machine.name, position?.name ?? job.intake.position, position?.side ?? job.intake.side]
            .filter(Boolean)
            .join(', ')
        : texts.notInTheRegister,
    ],
    ...(job.comebackOf === null
      ? []
      : [[texts.cameBack, texts.ofJob(job.comebackOf, job.freeOfCharge)] as [string, string]]),
    ...(positions.length > 1
      ? [
          [
            texts.positions,
            positions.map((p) => `${p.name} (${p.closedAt ? texts.closed : common.open})`).join(', '),
          ] as [string, string],
        ]
      : []),
    [texts.symptoms, job.intake.heard.map((heard) => HEARD_LABELS[heard]).join(', ') || texts.nothingNoted],
    ...job.bearings.flatMap((bearing, _, all) => bearingFacts(bearing, all, damageLabels)),
    [texts.kit, job.kit ? texts.kitFor(job.kit.arrangement, job.kit.positions) : texts.noneYet],
    [
      texts.jobCard,
      job.fitting
        ? [
            job.fitting.fittedOn && texts.fittedOn(job.fitting.fittedOn),
            texts.stepsTicked(Object.keys(job.fitting.done).length),
            job.fitting.signed ? texts.signedOffBy(job.fitting.signed.who) : texts.notSignedOff,
          ]
            .filter(Boolean)
            .join(', ')
        : texts.nothingTickedYet,
    ],
  ]
  return (
    <JobFrame stage="record">
      <div className="panes [--panes:minmax(0,1fr)_400px]">
        <section className="flex min-h-0 flex-col overflow-auto px-6 py-4">
          <h1 className="mb-3 text-[1.3125rem] font-bold">{texts.record}</h1>
          <dl className="grid grid-cols-[fit-content(min(220px,40vw))_1fr]">
            {facts.map(([name, value]) => (
              <div key={name} className="contents">
                <dt className="border-t border-line2 py-2 pr-4 text-ink2">{name}</dt>
                <dd className="border-t border-line2 py-2">{value}</dd>
              </div>
            ))}
          </dl>
          {parts.length > 0 && (
            <div className="mt-4">
              <DataTable
                label={job.closedAt ? texts.fitted : texts.partsOfTheKit}
                caption={job.closedAt ? texts.fitted : texts.partsOfTheKit}
                rows={parts}
                columns={PART_COLUMNS}
                keyOf={(_, i) => i}
              />
            </div>
          )}
          {cameBackAs.length > 0 && (
            <p className="mt-4 rounded-r-lg border-l-4 border-contra bg-wash px-3 py-2">
              {texts.itCameBack}{' '}
              {cameBackAs.map((id, i) => (
                <span key={id}>
                  {i > 0 && ', '}
                  <Link href={stagePath(id, 'record')} className="underline underline-offset-4">
                    {texts.job(id)}
                  </Link>
                </span>
              ))}
            </p>
          )}
          {job.intake.note && (
            <p className="mt-4 max-w-[70ch] whitespace-pre-wrap text-ink2">{job.intake.note}</p>
          )}
          <Photos jobId={job.id} about="record" />
          <div className="mt-6 flex flex-wrap items-start gap-2">
            <CloseJob />
            <CopyJob />
            {job.kit && (
              <a
                href={paperUrl('GET /api/jobs/{id}/kit.pdf', job.id)}
                target="_blank"
                rel="noreferrer"
                className="button"
              >
                {texts.pickListAsPdf}
              </a>
            )}
            {job.kit && (
              <a
                href={paperUrl('GET /api/jobs/{id}/card.pdf', job.id)}
                target="_blank"
                rel="noreferrer"
                className="button"
              >
                {texts.jobCardAsPdf}
              </a>
            )}
            {withKit.length > 1 && (
              <Link
                href={`/orders?jobs=${withKit.map(({ id }) => `${id}x1`).join(',')}` as Route}
                className="button"
              >
                {texts.orderForAllPositions}
              </Link>
            )}
            {!job.kit && (
              <Link href={pathTo('kit')} className="button">
                {texts.buildTheKit}
              </Link>
            )}
            <RemoveJob />
          </div>
        </section>
        <section
          aria-label={texts.history}
          tabIndex={0}
          className="min-h-0 overflow-auto border-l border-line bg-sheet px-5 py-4"
        >
          <h2 className="caption mb-2">{texts.historyNewestFirstTimesIn(zone)}</h2>
          <ol>
            {grouped(entries).map((entry) => (
              <li key={entry.id} className="grid grid-cols-[150px_1fr] border-t border-line2 py-2">
                <time dateTime={entry.at} className="number text-[0.84375rem] text-ink3">
                  {time(entry.at)}
                </time>
                <span>
                  {entry.summary}
                  {entry.who && <span className="text-ink3"> · {entry.who}</span>}
                </span>
              </li>
            ))}
          </ol>
          {hasMore && (
            <button type="button" className="button mt-2" onClick={more}>
              {texts.earlierEntries}
            </button>
          )}
        </section>
      </div>
    </JobFrame>
  )
}
