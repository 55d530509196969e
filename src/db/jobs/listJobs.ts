import { QueryTypes, type InferAttributes } from 'sequelize'
import { database } from '../connection'
import { readJson, type StoredJson } from '../json'
import type { JobRow } from '../models'
import { findJobIds } from './search'

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

type Row = Pick<
  InferAttributes<JobRow>,
  | 'id'
  | 'title'
  | 'machine_id'
  | 'position_id'
  | 'part_of'
  | 'stage'
  | 'closed_at'
  | 'updated_at'
  | 'intake'
  | 'fitting'
  | 'kit'
> & {
  machine: string | null
  /** JSON of numbers; null where none is decided */
  designations: string | null
}

const COLUMNS = `j.id, j.title, j.machine_id, j.position_id, j.part_of, j.stage, j.closed_at, j.updated_at, j.intake, j.fitting, j.kit,
  m.name AS machine,
  (SELECT CAST(JSON_ARRAYAGG(b.designation ORDER BY b.ordinal) AS CHAR) FROM bearings b
    WHERE b.job_id = j.id AND b.designation IS NOT NULL) AS designations`

/** Which jobs, and how the list is cut. */
async function wanted({
  limit,
  after,
  text = '',
  open = false,
}: JobQuery): Promise<[string, unknown[]] | null> {
  if (text !== '') {
    const ids = await findJobIds({ text, open, after, limit })
    return ids.length > 0 ? ['j.id IN (?) AND j.deleted_at IS NULL', [ids, limit]] : null
  }
  return [
    [
      'j.deleted_at IS NULL',
      ...(open ? ['j.closed_at IS NULL'] : []),
      ...(after ? ['(j.updated_at < ? OR (j.updated_at = ? AND j.id < ?))'] : []),
    ].join(' AND '),
    [...(after ? [after.updatedAt, after.updatedAt, after.id] : []), limit],
  ]
}

/** Jobs, the one changed last first. */
export async function listJobs(query: JobQuery): Promise<JobSummary[]> {
  const asked = await wanted(query)
  if (!asked) return []
  const [condition, replacements] = asked
  const rows = await database().query<Row>(
    `SELECT ${COLUMNS} FROM jobs j LEFT JOIN machines m ON m.id = j.machine_id
     WHERE ${condition} ORDER BY j.updated_at DESC, j.id DESC LIMIT ?`,
    { replacements, type: QueryTypes.SELECT },
  )
  return rows.map((row) => ({
    id: row.id,
    title: row.title,
    machineId: row.machine_id,
    machine: row.machine,
    positionId: row.position_id,
    partOf: row.part_of,
    stage: row.stage,
    closedAt: row.closed_at,
    updatedAt: row.updated_at,
    intake: readJson(row.intake),
    fitting: readJson(row.fitting),
    kit: readJson(row.kit),
    designations: row.designations === null ? [] : (JSON.parse(row.designations) as string[]),
  }))
}
