import 'server-only'
import { capital } from '@/core/capital'
import { addDays, shopDay } from '@/core/dates'
import * as db from '@/db'
import type { Stage, Waits } from '@/contract/choices'
import type { BenchResponse } from '@/contract/bench'
import { today } from './clock'
import { listRechecks, season as lately } from './logbook'
import { listJobs } from './jobs'
import { settings } from './settings'

/** Jobs that are sorted by what they wait for; the others are found in the list of all jobs. */
const MAX_JOBS = 40
const MAX_SHORT = 6
const MAX_CAUSES = 5
const MAX_FITTED = 5
const MAX_RECHECKS = 8
/** Rechecks are shown so many days before they are due. */
const AHEAD_DAYS = 7
const SEASON_MONTHS = 12

interface Next {
  waits: Waits
  next: string
  stage: Stage
}

const more = (count: number): string => (count > 1 ? ` and ${count - 1} more` : '')

/** What brings the short parts of a job, or that nobody has ordered them. */
function shortText(lines: readonly db.ShortLine[], zone: string): string {
  const ordered = lines.find(({ orderId }) => orderId !== null)
  if (lines.every(({ orderId }) => orderId !== null) && ordered?.orderedAt) {
    const due = addDays(shopDay(ordered.orderedAt.toISOString(), zone), ordered.leadTimeDays ?? 0)
    return `Order ${ordered.orderId}, due ${due}`
  }
  const [first] = lines.filter(({ orderId }) => orderId === null)
  return `Order ${Number(first?.missing ?? 0)} × ${first?.designation ?? ''}${more(lines.length)}`
}

function nextOf(facts: db.JobWaiting | undefined, short: readonly db.ShortLine[], zone: string): Next {
  const undecided = Number(facts?.undecided ?? 0)
  if (undecided > 0) {
    const name = facts?.undecidedName ?? ''
    return {
      waits: 'you',
      next: Number(facts?.bearings ?? 1) > 1 && name ? `Identify: ${name}` : 'Identify the bearing',
      stage: 'identify',
    }
  }
  if (facts?.kitComplete === undefined || facts.kitComplete === null)
    return {
      waits: 'you',
      next: Number(facts?.chosen) === 1 ? 'Check the kit' : 'Choose the arrangement',
      stage: 'kit',
    }
  const open = Number(facts.openLines)
  if (open > 0)
    return { waits: 'you', next: `${capital(facts.openLine ?? 'part')} missing${more(open)}`, stage: 'kit' }
  if (Number(facts.signed) === 1) return { waits: 'you', next: 'Signed off: close the job', stage: 'record' }
  if (short.length > 0) return { waits: 'parts', next: shortText(short, zone), stage: 'kit' }
  const done = Number(facts.done ?? 0)
  return {
    waits: 'fitting',
    next: done > 0 ? `${done} ${done === 1 ? 'step' : 'steps'} done` : 'Job card not begun',
    stage: 'plan',
  }
}

async function benchJobs(zone: string): Promise<BenchResponse['jobs']> {
  const { items } = await listJobs({ open: 'true', limit: MAX_JOBS })
  const ids = items.map(({ id }) => id)
  const [facts, short] = await Promise.all([db.waitingOf(ids), db.shortLinesOf(ids)])
  return items.map(({ id, title, where, designations }) => ({
    id,
    title,
    where,
    parts: designations,
    ...nextOf(
      facts.find(({ jobId }) => jobId === id),
      short.filter(({ jobId }) => jobId === id),
      zone,
    ),
  }))
}

/** All that asks for something today: jobs by what they wait for, rechecks, short stock, what failed lately. */
export async function bench(): Promise<BenchResponse> {
  const [{ timeZone }, day] = await Promise.all([settings(), today()])
  const until = addDays(day, AHEAD_DAYS)
  const [jobs, openJobs, due, allDue, low, stock, season, fitted] = await Promise.all([
    benchJobs(timeZone),
    db.countOpenJobs(),
    listRechecks({ open: 'true', until, limit: MAX_RECHECKS }),
    db.countDue(until),
    db.listStock({ limit: MAX_SHORT, low: true }),
    db.countStock(),
    lately(SEASON_MONTHS),
    db.lastFitted(MAX_FITTED),
  ])
  const [busiest] = season.machines.filter(({ machineId }) => machineId !== null)
  return {
    openJobs,
    jobs,
    rechecks: due.items.map((recheck) => ({ ...recheck, overdue: recheck.dueOn < day })),
    moreRechecks: Math.max(0, allDue - due.items.length),
    short: {
      items: low.map(({ designation, quantity, reserved, minimum }) => ({
        designation,
        free: quantity - reserved,
        minimum,
      })),
      all: stock.low,
    },
    season: {
      jobs: season.all.jobs,
      cameBack: season.all.cameBack,
      most: busiest ? { label: busiest.label, jobs: busiest.jobs } : null,
      causes: season.causes.slice(0, MAX_CAUSES),
    },
    fitted: fitted.map(({ machineId, machine, position, fitted: what, on }) => ({
      machineId: Number(machineId),
      where: `${machine}, ${position}`,
      fitted: what,
      on,
    })),
  }
}
