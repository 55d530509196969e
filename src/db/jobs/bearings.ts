import { Op, type Transaction } from 'sequelize'
import { saveFindings } from './found'
import { models, type BearingRow } from '../models'
import { bearingColumns, type BearingPatch, type JobChangeSet, type NewBearing } from './patches'
import { updateJob } from './updateJob'

const EMPTY_BEARING = {
  evidence: '{}',
  decision: null,
  comparison: null,
  inspection: null,
  designation: null,
  part_key: null,
}

/** Part of a change that is under way: a bearing as the last of its job. */
export async function addBearingWithin(
  jobId: number,
  bearing: NewBearing,
  transaction: Transaction,
): Promise<BearingRow> {
  const Bearings = models().BearingRow
  const last = await Bearings.max<number | null, BearingRow>('ordinal', {
    where: { job_id: jobId },
    transaction,
  })
  const row = await Bearings.create(
    {
      ...EMPTY_BEARING,
      ...bearingColumns(bearing),
      job_id: jobId,
      ordinal: (last ?? 0) + 1,
    },
    { transaction },
  )
  if (bearing.findings) await saveFindings(jobId, row.id, bearing.findings, transaction)
  return row
}

/** Adds a bearing to a job that still has this version, with what it changes in the kit. */
export const addBearing = (
  id: number,
  version: number,
  bearing: NewBearing,
  changes: Pick<JobChangeSet, 'patch' | 'kit' | 'events' | 'undo'>,
): ReturnType<typeof updateJob> =>
  updateJob(id, version, {
    ...changes,
    bearings: new Map(),
    also: async (transaction) => {
      await addBearingWithin(id, bearing, transaction)
    },
  })

/** Takes a bearing out of a job that still has this version; what it held stays in the history. */
export const removeBearing = (
  id: number,
  version: number,
  bearing: number,
  changes: Pick<JobChangeSet, 'patch' | 'kit' | 'events' | 'undo' | 'undoes'>,
): ReturnType<typeof updateJob> =>
  updateJob(id, version, {
    ...changes,
    bearings: new Map(),
    also: async (transaction) => {
      await models().BearingRow.destroy({ where: { id: bearing, job_id: id }, transaction })
    },
  })

/** Puts a bearing that was taken out back under its number. */
export const putBearingBack = (
  id: number,
  version: number,
  bearing: BearingPatch & { id: number; ordinal: number },
  changes: Pick<JobChangeSet, 'events' | 'undoes'>,
): ReturnType<typeof updateJob> =>
  updateJob(id, version, {
    ...changes,
    patch: {},
    bearings: new Map(),
    also: async (transaction) => {
      await models().BearingRow.create(
        {
          ...EMPTY_BEARING,
          ...bearingColumns(bearing),
          id: bearing.id,
          job_id: id,
          ordinal: bearing.ordinal,
        },
        { transaction },
      )
      if (bearing.findings) await saveFindings(id, bearing.id, bearing.findings, transaction)
    },
  })

/** Decisions made before the key of a part was stored beside them. */
export async function keyDecisions(keyOf: (designation: string) => string): Promise<void> {
  const rows = await models().BearingRow.findAll({
    where: { designation: { [Op.ne]: null }, part_key: null },
  })
  for (const row of rows)
    if (row.designation !== null) await row.update({ part_key: keyOf(row.designation).slice(0, 190) })
}
