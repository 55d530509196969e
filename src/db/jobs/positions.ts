import { Op } from 'sequelize'
import { readJson, type StoredJson } from '../json'
import { models } from '../models'

/** One position of a job with several. */
export interface JobPosition {
  id: number
  title: string
  intake: StoredJson
  /** its name in the machine register; null = not in the register */
  registered: string | null
  stage: string
  hasKit: boolean
  closedAt: Date | null
  designations: string[]
}

/** The positions of a job, the first one first. @param first number of the first position */
export async function positionsOf(first: number): Promise<JobPosition[]> {
  const rows = await models().JobRow.findAll({
    attributes: ['id', 'title', 'intake', 'position_id', 'stage', 'kit', 'closed_at'],
    where: { [Op.or]: [{ id: first }, { part_of: first }] },
    order: ['id'],
  })
  const bearings = await models().BearingRow.findAll({
    attributes: ['job_id', 'designation'],
    where: { job_id: rows.map(({ id }) => id), designation: { [Op.ne]: null } },
    order: ['job_id', 'ordinal'],
  })
  const stored = await models().PositionRow.findAll({
    attributes: ['id', 'name'],
    where: { id: rows.flatMap((row) => row.position_id ?? []) },
  })
  return rows.map(({ id, title, intake, position_id: place, stage, kit, closed_at: closedAt }) => ({
    id,
    title,
    intake: readJson(intake),
    registered: stored.find((p) => p.id === place)?.name ?? null,
    stage,
    hasKit: kit !== null,
    closedAt,
    designations: bearings.filter((b) => b.job_id === id).flatMap((b) => b.designation ?? []),
  }))
}
