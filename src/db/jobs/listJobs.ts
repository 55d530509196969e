import { Op, type Order } from 'sequelize'
import { readJson, type StoredJson } from '../json'
import { findJobIds } from './search'
import { models } from '../models'

/** One line of the list of jobs: nothing that has to be read as JSON. */
export interface JobSummary {
  id: number
  title: string
  machineId: number | null
  /** name of the machine; null when it is not in the register */
  machine: string | null
  positionId: number | null
  /** the first position of its job; null = it is the first */
  partOf: number | null
  stage: string
  closedAt: Date | null
  updatedAt: Date
  intake: StoredJson
  fitting: StoredJson
  /** what was typed for its kit; nothing before there is one */
  kit: StoredJson
  /** what was decided for its bearings, the first bearing first */
  designations: string[]
}

/** Which jobs a list wants. */
export interface JobQuery {
  limit: number
  /** continue after this one: its last change and number */
  after?: { updatedAt: Date; id: number } | undefined
  /** words in the title, the machine's name or a decided designation, or the number of the job */
  text?: string | undefined
  open?: boolean | undefined
}

const LATEST_FIRST: Order = [
  ['updated_at', 'DESC'],
  ['id', 'DESC'],
]

/** Jobs, the one changed last first. */
export async function listJobs({ limit, after, text = '', open = false }: JobQuery): Promise<JobSummary[]> {
  const { JobRow: Jobs, BearingRow: Bearings } = models()
  const Machines = models().MachineRow
  const rows = await Jobs.findAll(
    text === ''
      ? {
          where: {
            ...(open && { closed_at: null }),
            ...(after && {
              [Op.or]: [
                { updated_at: { [Op.lt]: after.updatedAt } },
                { updated_at: after.updatedAt, id: { [Op.lt]: after.id } },
              ],
            }),
          },
          order: LATEST_FIRST,
          limit,
        }
      : { where: { id: await findJobIds({ text, open, after, limit }) }, order: LATEST_FIRST },
  )
  const ids = rows.map((r) => r.id)
  const [bearings, machines] = await Promise.all([
    Bearings.findAll({
      attributes: ['job_id', 'designation'],
      where: { job_id: ids, designation: { [Op.ne]: null } },
      order: ['ordinal'],
    }),
    Machines.findAll({
      attributes: ['id', 'name'],
      where: { id: [...new Set(rows.flatMap((r) => r.machine_id ?? []))] },
    }),
  ])
  const machineName = new Map(machines.map(({ id, name }) => [id, name]))
  return rows.map((row) => ({
    id: row.id,
    title: row.title,
    machineId: row.machine_id,
    machine: (row.machine_id === null ? undefined : machineName.get(row.machine_id)) ?? null,
    positionId: row.position_id,
    partOf: row.part_of,
    stage: row.stage,
    closedAt: row.closed_at,
    updatedAt: row.updated_at,
    intake: readJson(row.intake),
    fitting: readJson(row.fitting),
    kit: readJson(row.kit),
    designations: bearings.filter((b) => b.job_id === row.id).flatMap((b) => b.designation ?? []),
  }))
}
