import type { Transaction } from 'sequelize'
import { readJson, type StoredJson } from '../json'
import { models, type BearingRow, type JobRow } from '../models'

/** What a job keeps of each of its bearings. */
export interface StoredBearing {
  id: number
  ordinal: number
  name: string
  slot: string
  evidence: StoredJson
  decision: StoredJson
  comparison: StoredJson
  inspection: StoredJson
}

export interface StoredJob {
  id: number
  title: string
  machineId: number | null
  positionId: number | null
  stage: string
  intake: StoredJson
  kit: StoredJson
  fitting: StoredJson
  bearings: StoredBearing[]
  /** the first position of the job this one is a further position of; null = it is the first */
  partOf: number | null
  /** the job it came back of */
  comebackOf: number | null
  freeOfCharge: boolean
  version: number
  closedAt: Date | null
  createdAt: Date
  updatedAt: Date
}

const bearingFromRow = (row: BearingRow): StoredBearing => ({
  id: row.id,
  ordinal: row.ordinal,
  name: row.name,
  slot: row.slot,
  evidence: readJson(row.evidence),
  decision: readJson(row.decision),
  comparison: readJson(row.comparison),
  inspection: readJson(row.inspection),
})

/** A job with its bearings. */
export async function fromRow(row: JobRow, transaction?: Transaction): Promise<StoredJob> {
  const bearings = await models().BearingRow.findAll({
    where: { job_id: row.id },
    order: ['ordinal'],
    ...(transaction && { transaction }),
  })
  return {
    id: row.id,
    title: row.title,
    machineId: row.machine_id,
    positionId: row.position_id,
    stage: row.stage,
    intake: readJson(row.intake),
    kit: readJson(row.kit),
    fitting: readJson(row.fitting),
    bearings: bearings.map(bearingFromRow),
    partOf: row.part_of,
    comebackOf: row.comeback_of,
    freeOfCharge: row.free_of_charge,
    version: row.version,
    closedAt: row.closed_at,
    createdAt: row.created_at,
    updatedAt: row.updated_at,
  }
}
