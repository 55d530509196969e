import { Op, QueryTypes, type Transaction } from 'sequelize'
import { database } from '../connection'
import { models } from '../models'

/** Something seen on a part of a bearing. */
export interface Finding {
  part: string
  damage: string
  severity: string
}

/** One reading of a seat; mm, null where what was typed is no length. */
export interface SeatReading {
  seat: string
  at: string
  depth: string
  mm: number | null
}

/** Writes what was found on a bearing, in place of what stood there. */
export async function saveFindings(
  jobId: number,
  bearingId: number,
  findings: readonly Finding[],
  transaction: Transaction,
): Promise<void> {
  const { FindingRow: Findings } = models()
  await Findings.destroy({ where: { bearing_id: bearingId, job_id: jobId }, transaction })
  await Findings.bulkCreate(
    findings.map(({ part, damage, severity }, i) => ({
      part,
      damage,
      severity,
      job_id: jobId,
      bearing_id: bearingId,
      ordinal: i + 1,
    })),
    { transaction },
  )
}

/** Writes what was measured on the seats of a job, in place of what stood there. */
export async function saveSeatReadings(
  jobId: number,
  readings: readonly SeatReading[],
  transaction: Transaction,
): Promise<void> {
  const { SeatReadingRow: Readings } = models()
  await Readings.destroy({ where: { job_id: jobId }, transaction })
  await Readings.bulkCreate(
    readings.map(({ seat, at, depth, mm }, i) => ({
      job_id: jobId,
      ordinal: i + 1,
      seat: seat.slice(0, 60),
      at_clock: at.slice(0, 20),
      depth: depth.slice(0, 40),
      value_mm: mm,
    })),
    { transaction },
  )
}

/** What was found, at which position of a machine, in which job. */
export interface FoundBefore extends Finding {
  positionId: number
  jobId: number
  at: Date
}

/** What was found at the positions of a machine, the latest first. */
export const foundOn = (machineId: number, limit: number): Promise<FoundBefore[]> =>
  database().query<FoundBefore>(
    `SELECT j.position_id AS positionId, f.job_id AS jobId, f.part, f.damage, f.severity, f.updated_at AS at
     FROM jobs j JOIN findings f ON f.job_id = j.id
     WHERE j.deleted_at IS NULL AND j.machine_id = ? AND j.position_id IS NOT NULL ORDER BY f.job_id DESC, f.id LIMIT ?`,
    { replacements: [machineId, limit], type: QueryTypes.SELECT },
  )

/** Closed jobs of a position, the latest first. */
export async function closedJobsAt(positionId: number, limit: number) {
  const rows = await models().JobRow.findAll({
    attributes: ['id', 'title', 'closed_at'],
    where: { position_id: positionId, closed_at: { [Op.ne]: null } },
    order: [['id', 'DESC']],
    limit,
  })
  return rows.flatMap(({ id, title, closed_at: closedAt }) => (closedAt ? [{ id, title, closedAt }] : []))
}

/** Jobs that came back of this one. */
export async function comebacksOf(jobId: number): Promise<number[]> {
  const rows = await models().JobRow.findAll({
    attributes: ['id'],
    where: { comeback_of: jobId },
    order: ['id'],
  })
  return rows.map(({ id }) => id)
}
