import { toBin } from '../bin'
import { oneChange } from '../connection'
import { saveSeatReadings } from './found'
import { writeEvents, type NewEvent } from './events'
import { saveKit } from '../kits'
import { models } from '../models'
import { releaseJob } from '../stock'
import { addBearingWithin } from './bearings'
import type { JobChangeSet, JobPatch, NewBearing } from './patches'
import { findJob, type StoredJob } from './storedJob'

export async function countJobs(): Promise<number> {
  return models().JobRow.count()
}

export async function createJob(
  job: JobPatch & { title: string; intake: unknown },
  bearings: readonly NewBearing[],
  event: NewEvent,
  { kit, seatReadings }: Pick<JobChangeSet, 'kit' | 'seatReadings'> = {},
): Promise<StoredJob> {
  const { JobRow: Jobs } = models()
  return oneChange(async (transaction) => {
    const row = await Jobs.create(
      {
        title: job.title,
        machine_id: job.machineId ?? null,
        position_id: job.positionId ?? null,
        stage: job.stage ?? 'takeIn',
        intake: JSON.stringify(job.intake),
        kit: job.kit === undefined ? null : JSON.stringify(job.kit),
        fitting: job.fitting === undefined ? null : JSON.stringify(job.fitting),
        part_of: job.partOf ?? null,
        comeback_of: job.comebackOf ?? null,
        free_of_charge: job.freeOfCharge ?? false,
        closed_at: job.closedAt ?? null,
      },
      { transaction },
    )
    for (const bearing of bearings) await addBearingWithin(row.id, bearing, transaction)
    if (kit) await saveKit(row.id, kit, transaction)
    if (seatReadings) await saveSeatReadings(row.id, seatReadings, transaction)
    await writeEvents(row.id, [event], transaction)
    const stored = await findJob(row.id, transaction)
    if (!stored) throw new Error(`Job ${row.id} is not there after it was written.`)
    return stored
  })
}

/** Puts an open job into the bin: what it has reserved is free again. @returns false when it has another version now */
export const binJob = (id: number, version: number, event: NewEvent): Promise<boolean> =>
  oneChange(async (transaction) => {
    const row = await models().JobRow.findByPk(id, { transaction, lock: transaction.LOCK.UPDATE })
    if (row?.version !== version) return false
    await releaseJob(id, event.who ?? '')
    await writeEvents(id, [event], transaction)
    return toBin('job', { id })
  })
