import 'server-only'
import { recheckDates } from '@/core/adjust'
import { isDay } from '@/core/dates'
import { isSeparable, isWholeBearing } from '@/core/kit'
import { knownPart } from '@/core/part'
import * as db from '@/db'
import { today } from '../clock'
import { ServiceError } from '../errors'
import { jobKit } from '../jobKit'
import { openPoints } from '../openPoints'
import { isWet, type Job } from '@/contract/job'

type Closing = Required<Pick<db.JobChangeSet, 'events' | 'also'>>

/** The day a job was fitted: as written on its plan, else today. */
const fittedOn = async (job: Job): Promise<string> => {
  const typed = job.fitting?.fittedOn ?? ''
  return isDay(typed) ? typed : today()
}

/** What a job leaves in its position; null when it has no position or no kit. */
async function fittingOf(job: Job): Promise<db.NewFitting | null> {
  if (job.positionId === null || !job.kit) return null
  const { kit, arrangement } = await jobKit(job.id)
  const fitted = kit.lines.filter((l) => l.state === 'filled' && l.unit === 'pcs' && !l.stays && l.value)
  const bearings = fitted.filter(
    ({ role, quantity }) =>
      isWholeBearing(role) || role === 'boltOnUnit' || (role === 'cone' && quantity > 0) || role === 'cup',
  )
  return {
    positionId: job.positionId,
    jobId: job.id,
    on: await fittedOn(job),
    arrangement: arrangement.code,
    fitted: [...new Set(bearings.map((l) => l.designation))].join(', '),
    quantity: kit.positions,
    parts: fitted
      .filter(({ quantity }) => quantity > 0)
      .map((line) => ({
        slot: line.slot,
        label: line.label,
        designation: line.designation,
        partKey: knownPart(line.value)?.key ?? null,
        quantity: line.quantityPerPosition,
      })),
    stayed: kit.lines.filter(({ stays }) => stays).map(({ slot }) => slot),
  }
}

/** When to look again at what a job fitted; nothing where it has no kit. */
async function rechecksOf(job: Job): Promise<db.NewRecheck[]> {
  if (!job.kit) return []
  const { arrangement } = await jobKit(job.id)
  return recheckDates(await fittedOn(job), isSeparable(arrangement), isWet(job.intake)).map(
    ({ date, text }) => ({
      dueOn: date,
      what: text,
    }),
  )
}

/**
 * What closing a job writes: its history, the register of what is fitted now, and when to look again.
 * @throws ServiceError `impossible` with everything that is open, unless a reason is given
 */
export async function closing(job: Job, reason: string): Promise<Closing> {
  const open = await openPoints(job)
  if (open.length > 0 && reason === '')
    throw new ServiceError(
      'impossible',
      `${open.length} ${open.length === 1 ? 'point is' : 'points are'} open. Settle them, or say why the job is closed all the same.`,
      open.map(({ stage, message }) => ({ path: [stage], message })),
    )
  const [fitting, rechecks] = [await fittingOf(job), await rechecksOf(job)]
  const summary = [
    'Job closed',
    reason && ` although ${open.length} ${open.length === 1 ? 'point is' : 'points are'} open: ${reason}`,
    fitting && `; ${fitting.parts.length} parts written into the register`,
  ]
    .filter(Boolean)
    .join('')
  return {
    events: [{ kind: 'closed', summary, content: { reason, open, fitting } }],
    also: async (transaction) => {
      if (fitting) await db.writeFitting(fitting, transaction)
      await db.renewRechecks(job.id, rechecks, transaction)
    },
  }
}
