import 'server-only'
import type { z } from 'zod'
import ical from 'ical-generator'
import { isDay } from '@/core/dates'
import { recheckDay } from '@/core/logbook'
import * as db from '@/db'
import { OUTCOMES, OUTCOME_LABELS, type Outcome } from '@/contract/choices'
import type { NewRecheck, RecheckAnswer } from '@/contract/logbook'
import { RechecksQuery, type Recheck } from '@/contract/logbook'
import { today } from '../clock'
import { ServiceError } from '../errors'
import { getJob } from '../jobs/getJob'
import { pageOf } from '../pageOf'
import { parse } from '../parse'

const outcomeOf = (text: string | null): Outcome | null => OUTCOMES.find((o) => o === text) ?? null

const toRecheck = ({ machine, position, outcome, ...row }: db.StoredRecheck): Recheck => ({
  ...row,
  where: [machine, position].filter(Boolean).join(', '),
  outcome: outcomeOf(outcome),
})

/** Rechecks, the one due first at the top, a page at a time. @throws ServiceError `unreadable` */
export async function listRechecks(input: unknown): Promise<{ items: Recheck[]; next: string | null }> {
  const { limit, cursor, open, until, job } = parse(RechecksQuery, input)
  const [dueOn, id] = cursor?.split('_') ?? []
  const rows = await db.listRechecks({
    open: open === 'true',
    until,
    jobId: job,
    limit: limit + 1,
    ...(dueOn !== undefined && { after: { dueOn, id: Number(id) } }),
  })
  const { items, next } = pageOf(rows, limit, (last) => `${last.dueOn}_${last.id}`)
  return { items: items.map(toRecheck), next }
}

async function recheck(id: number): Promise<Recheck> {
  const found = await db.findRecheck(id)
  if (!found) throw new ServiceError('notFound', `There is no recheck ${id}.`)
  return toRecheck(found)
}

/** Another recheck of a job, by distance, hours or days. @throws ServiceError `unreadable`, `notFound` */
export async function addRecheck(
  jobId: number,
  { amount, meter, perDay, what, from }: z.output<typeof NewRecheck>,
): Promise<Recheck> {
  const job = await getJob(jobId)
  const fitted = job.fitting?.fittedOn ?? ''
  const start = from ?? (isDay(fitted) ? fitted : await today())
  const interval = meter === 'days' ? `${amount} days` : `${amount} ${meter} at ${perDay} a day`
  const dueOn = recheckDay(start, amount, perDay)
  if (!isDay(dueOn))
    throw new ServiceError('unreadable', 'amount: That is too far ahead. Give a smaller figure.', [
      { path: ['amount'], message: 'That is too far ahead. Give a smaller figure.' },
    ])
  const text = `${what} (after ${interval})`.slice(0, 200)
  const id = await db.addRecheck(
    jobId,
    { dueOn, what: text },
    { kind: 'recheck', summary: `Recheck due ${dueOn}: ${text}`, content: { dueOn, amount, meter, perDay } },
  )
  return recheck(id)
}

/**
 * Writes what was found when it was looked at again.
 * @throws ServiceError `notFound`, `settled` when it was answered before
 */
export async function answerRecheck(
  id: number,
  { outcome, note, who }: z.output<typeof RecheckAnswer>,
): Promise<Recheck> {
  const { what } = await recheck(id)
  const answered = await db.answerRecheck(
    id,
    { doneOn: await today(), outcome, note, who },
    {
      kind: 'recheck',
      summary: `Recheck: ${OUTCOME_LABELS[outcome]}${note ? `. ${note}` : ''}`,
      content: { recheck: id, what, outcome, note },
      who,
    },
  )
  if (!answered)
    throw new ServiceError('settled', 'This recheck was answered before. Add another one to the job.')
  return recheck(id)
}

/** Most appointments of one calendar feed. */
const MAX_EVENTS = 500

/** Open rechecks as an iCalendar feed (RFC 5545), one whole day each. @param origin address the links begin with */
export async function rechecksCalendar(origin: string): Promise<string> {
  const rows = await db.listRechecks({ open: true, limit: MAX_EVENTS })
  const calendar = ical({ name: 'Amber Socket: rechecks', prodId: '//amber-socket//rechecks//EN' })
  for (const { id, jobId, title, machine, position, dueOn, what } of rows)
    calendar.createEvent({
      id: `recheck-${id}@amber-socket`,
      start: new Date(`${dueOn}T00:00:00Z`),
      allDay: true,
      timezone: 'UTC',
      summary: `Recheck: ${title}`,
      description: what,
      location: [machine, position].filter(Boolean).join(', '),
      url: `${origin}/jobs/${jobId}/record`,
    })
  // Names of single programs' own fields are left out: the standard ones say the same.
  return calendar.toString().replace(/^X-MICROSOFT-[^\r\n]*\r?\n/gm, '')
}
