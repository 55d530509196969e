import { QueryTypes, type InferAttributes, type Transaction } from 'sequelize'
import { database } from '../connection'
import { readJson, type StoredJson } from '../json'
import type { BearingRow, JobRow } from '../models'

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

type JobColumns = Omit<InferAttributes<JobRow>, 'deleted_at' | 'deleted_by' | 'free_of_charge'> & {
  free_of_charge: number
}
type BearingColumns = Pick<
  InferAttributes<BearingRow>,
  'ordinal' | 'name' | 'slot' | 'evidence' | 'decision' | 'comparison' | 'inspection'
>
/** A job beside one of its bearings, or beside none. */
type Row = JobColumns & ((BearingColumns & { bearing: number }) | { bearing: null })

const bearingFrom = ({
  bearing: id,
  ordinal,
  name,
  slot,
  ...json
}: BearingColumns & { bearing: number }): StoredBearing => ({
  id,
  ordinal,
  name,
  slot,
  evidence: readJson(json.evidence),
  decision: readJson(json.decision),
  comparison: readJson(json.comparison),
  inspection: readJson(json.inspection),
})

const byOrdinal = (a: StoredBearing, b: StoredBearing): number => a.ordinal - b.ordinal

const SQL = `SELECT j.id, j.title, j.machine_id, j.position_id, j.stage, j.intake, j.kit, j.fitting, j.version, j.part_of,
    j.comeback_of, j.free_of_charge, j.closed_at, j.created_at, j.updated_at,
    b.id AS bearing, b.ordinal, b.name, b.slot, b.evidence, b.decision, b.comparison, b.inspection
  FROM jobs j LEFT JOIN bearings b ON b.job_id = j.id
  WHERE j.id = ? AND j.deleted_at IS NULL`

/**
 * A job with its bearings, in one question: what is told belongs to the version told. Null when there is none. Asked by every
 * save and every look at a job, so in SQL: by the models it takes four times the work. Put in order here: the database would
 * write such rows to a file for it, and a job is read while the disk is full too.
 */
export async function findJob(id: number, transaction?: Transaction): Promise<StoredJob | null> {
  const rows = await database().query<Row>(SQL, {
    replacements: [id],
    type: QueryTypes.SELECT,
    ...(transaction && { transaction }),
  })
  const [row] = rows
  if (!row) return null
  return {
    id: row.id,
    title: row.title,
    machineId: row.machine_id,
    positionId: row.position_id,
    stage: row.stage,
    intake: readJson(row.intake),
    kit: readJson(row.kit),
    fitting: readJson(row.fitting),
    bearings: rows.flatMap((b) => (b.bearing === null ? [] : bearingFrom(b))).sort(byOrdinal),
    partOf: row.part_of,
    comebackOf: row.comeback_of,
    freeOfCharge: row.free_of_charge === 1,
    version: row.version,
    closedAt: row.closed_at,
    createdAt: row.created_at,
    updatedAt: row.updated_at,
  }
}
