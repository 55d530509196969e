import { oneChange } from '../connection'
import { saveFindings, saveSeatReadings } from './found'
import { writeEvents } from './events'
import { saveKit } from '../kits'
import { models } from '../models'
import { bearingColumns, jobColumns, type JobChangeSet } from './patches'
import { fromRow, type StoredJob } from './storedJob'

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
    const row = await Jobs.findByPk(id, { transaction, lock: transaction.LOCK.UPDATE })
    if (!row) return null
    if (row.version !== version) return { job: await fromRow(row, transaction), conflict: true }
    // The time moves with every change, also one of a bearing or of the kit only.
    row.changed('updated_at', true)
    await row.update({ ...jobColumns(patch), version: version + 1 }, { transaction })
    for (const [bearing, change] of bearings) {
      await Bearings.update(bearingColumns(change), { where: { id: bearing, job_id: id }, transaction })
      if (change.findings) await saveFindings(id, bearing, change.findings, transaction)
    }
    if (seatReadings) await saveSeatReadings(id, seatReadings, transaction)
    if (kit !== undefined) await saveKit(id, kit, transaction)
    await also?.(transaction)
    await writeEvents(id, events, transaction, { version: version + 1, undo, undoes })
    return { job: await fromRow(row, transaction), conflict: false }
  })
}
