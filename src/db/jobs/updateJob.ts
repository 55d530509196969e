import { oneChange } from '../connection'
import { saveFindings, saveSeatReadings } from './found'
import { writeEvents } from './events'
import { saveKit } from '../kits'
import { models } from '../models'
import { updateRows } from '../updateRows'
import { bearingColumns, jobColumns, type JobChangeSet } from './patches'
import { findJob, type StoredJob } from './storedJob'

/**
 * Changes a job that still has the version the change was made on, and writes its history, one entry a changed aspect.
 * Entries are only ever added.
 * @returns the stored job; `conflict` with the present one when somebody saved in between; null when there is none
 */
export async function updateJob(
  id: number,
  version: number,
  { patch, bearings, kit, seatReadings, events, undo, undoes, also }: JobChangeSet,
): Promise<{ job: StoredJob; conflict: boolean } | null> {
  const { JobRow: Jobs, BearingRow: Bearings } = models()
  return oneChange(async (transaction) => {
    // The row is held from here on; its time moves with every change, also one of a bearing or of the kit only.
    const changed = await updateRows(
      Jobs,
      { ...jobColumns(patch), version: version + 1 },
      { id, version, deleted_at: null },
      transaction,
    )
    if (changed === 0) {
      const job = await findJob(id, transaction)
      return job && { job, conflict: true }
    }
    for (const [bearing, change] of bearings) {
      await updateRows(Bearings, bearingColumns(change), { id: bearing, job_id: id }, transaction)
      if (change.findings) await saveFindings(id, bearing, change.findings, transaction)
    }
    if (seatReadings) await saveSeatReadings(id, seatReadings, transaction)
    if (kit !== undefined) await saveKit(id, kit, transaction)
    await also?.(transaction)
    // Sent together, as only one of them writes: what is sent behind a write that fails would stand outside the change.
    const [job] = await Promise.all([
      findJob(id, transaction),
      writeEvents(id, events, transaction, { version: version + 1, undo, undoes }),
    ])
    return job && { job, conflict: false }
  })
}
