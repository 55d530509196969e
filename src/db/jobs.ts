import { Op, type Order, type Transaction } from 'sequelize'
import { toBin } from './bin'
import { oneChange } from './connection'
import { saveFindings, saveSeatReadings, type Finding, type SeatReading } from './found'
import { writeEvents, type NewEvent } from './jobEvents'
import { readJson, writeJson, type StoredJson } from './json'
import { saveKit, type StoredKit } from './kits'
import { findJobIds } from './jobSearch'
import { models, type BearingRow, type JobRow } from './models'
import { releaseJob } from './stock'

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

export interface StoredEvent {
  id: number
  kind: string
  summary: string
  content: string
  who: string
  at: Date
}

/** What may change on a job; absent = unchanged. */
export interface JobPatch {
  title?: string
  machineId?: number | null
  positionId?: number | null
  stage?: string
  intake?: unknown
  kit?: unknown
  fitting?: unknown
  partOf?: number | null
  comebackOf?: number | null
  freeOfCharge?: boolean
  closedAt?: Date | null
}

/** What may change on a bearing; absent = unchanged. `designation` and `partKey` follow the decision, `findings` the inspection. */
export interface BearingPatch {
  name?: string
  slot?: string
  evidence?: unknown
  decision?: unknown
  comparison?: unknown
  inspection?: unknown
  designation?: string | null
  partKey?: string | null
  findings?: readonly Finding[]
}

/** All that one change does to a job; it is done whole or not at all. */
export interface JobChangeSet {
  patch: JobPatch
  bearings: ReadonlyMap<number, BearingPatch>
  /** the kit as it is now; absent = unchanged, null = removed */
  kit?: StoredKit | null
  /** what was measured on the seats; absent = unchanged */
  seatReadings?: readonly SeatReading[]
  events: readonly NewEvent[]
  /** what undoes the change; absent = it is not undone */
  undo?: unknown
  /** versions that this change undoes */
  undoes?: readonly number[] | undefined
  /** part of the same transaction, such as writing the register */
  also?: (transaction: Transaction) => Promise<void>
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

async function fromRow(row: JobRow, transaction?: Transaction): Promise<StoredJob> {
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

const jobColumns = (patch: JobPatch) => ({
  ...(patch.title !== undefined && { title: patch.title }),
  ...(patch.machineId !== undefined && { machine_id: patch.machineId }),
  ...(patch.positionId !== undefined && { position_id: patch.positionId }),
  ...(patch.stage !== undefined && { stage: patch.stage }),
  ...(patch.intake !== undefined && { intake: JSON.stringify(patch.intake) }),
  ...(patch.kit !== undefined && { kit: writeJson(patch.kit) }),
  ...(patch.fitting !== undefined && { fitting: writeJson(patch.fitting) }),
  ...(patch.comebackOf !== undefined && { comeback_of: patch.comebackOf }),
  ...(patch.freeOfCharge !== undefined && { free_of_charge: patch.freeOfCharge }),
  ...(patch.closedAt !== undefined && { closed_at: patch.closedAt }),
})

const bearingColumns = (patch: BearingPatch) => ({
  ...(patch.name !== undefined && { name: patch.name }),
  ...(patch.slot !== undefined && { slot: patch.slot }),
  ...(patch.evidence !== undefined && { evidence: JSON.stringify(patch.evidence) }),
  ...(patch.decision !== undefined && { decision: writeJson(patch.decision) }),
  ...(patch.comparison !== undefined && { comparison: writeJson(patch.comparison) }),
  ...(patch.inspection !== undefined && { inspection: writeJson(patch.inspection) }),
  ...(patch.designation !== undefined && { designation: patch.designation }),
  ...(patch.partKey !== undefined && { part_key: patch.partKey }),
})

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

export async function countJobs(): Promise<number> {
  return models().JobRow.count()
}

export async function findJob(id: number): Promise<StoredJob | null> {
  const row = await models().JobRow.findByPk(id)
  return row ? fromRow(row) : null
}

const EMPTY_BEARING = {
  evidence: '{}',
  decision: null,
  comparison: null,
  inspection: null,
  designation: null,
  part_key: null,
}

/** A bearing to begin with. */
export type NewBearing = BearingPatch & { evidence: unknown }

async function addBearingWithin(
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
    return fromRow(row, transaction)
  })
}

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

/** Puts an open job into the bin: what it has reserved is free again. @returns false when it has another version now */
export const binJob = (id: number, version: number, event: NewEvent): Promise<boolean> =>
  oneChange(async (transaction) => {
    const row = await models().JobRow.findByPk(id, { transaction, lock: transaction.LOCK.UPDATE })
    if (row?.version !== version) return false
    await releaseJob(id, event.who ?? '')
    await writeEvents(id, [event], transaction)
    return toBin('job', { id })
  })

/** Whether a job was closed once: the register speaks of it. */
export const wasClosed = async (id: number): Promise<boolean> =>
  (await models().JobEventRow.count({ where: { job_id: id, kind: 'closed' } })) > 0

/** History of a job, the latest first. @param before number of the entry the page before ended with */
export async function jobHistory(jobId: number, limit: number, before?: number): Promise<StoredEvent[]> {
  const rows = await models().JobEventRow.findAll({
    where: { job_id: jobId, ...(before !== undefined && { id: { [Op.lt]: before } }) },
    order: [['id', 'DESC']],
    limit,
  })
  return rows.map((r) => ({
    id: Number(r.id),
    kind: r.kind,
    summary: r.summary,
    content: r.content,
    who: r.who,
    at: r.created_at,
  }))
}

/** Decisions made before the key of a part was stored beside them. */
export async function keyDecisions(keyOf: (designation: string) => string): Promise<void> {
  const rows = await models().BearingRow.findAll({
    where: { designation: { [Op.ne]: null }, part_key: null },
  })
  for (const row of rows)
    if (row.designation !== null) await row.update({ part_key: keyOf(row.designation).slice(0, 190) })
}

/** Fittings as they are stored, by job, for reading their seats anew. */
export async function storedFittings(): Promise<{ id: number; fitting: StoredJson }[]> {
  const rows = await models().JobRow.findAll({
    attributes: ['id', 'fitting'],
    where: { fitting: { [Op.ne]: null } },
  })
  return rows.map(({ id, fitting }) => ({ id, fitting: readJson(fitting) }))
}

export const writeSeatReadings = (id: number, readings: readonly SeatReading[]): Promise<void> =>
  oneChange((transaction) => saveSeatReadings(id, readings, transaction))

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
  const places = await models().PositionRow.findAll({
    attributes: ['id', 'name'],
    where: { id: rows.flatMap((row) => row.position_id ?? []) },
  })
  return rows.map(({ id, title, intake, position_id: place, stage, kit, closed_at: closedAt }) => ({
    id,
    title,
    intake: readJson(intake),
    registered: places.find((p) => p.id === place)?.name ?? null,
    stage,
    hasKit: kit !== null,
    closedAt,
    designations: bearings.filter((b) => b.job_id === id).flatMap((b) => b.designation ?? []),
  }))
}
