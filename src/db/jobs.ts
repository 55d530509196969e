import { database } from './connection'
import { models, type JobRow } from './models'

export interface StoredJob {
  id: number
  title: string
  machineId: number | null
  positionId: number | null
  stage: string
  intake: unknown
  evidence: unknown
  decision: unknown
  kit: unknown
  comparison: unknown
  inspection: unknown
  fitting: unknown
  version: number
  closedAt: Date | null
  createdAt: Date
  updatedAt: Date
}

export interface StoredEvent {
  kind: string
  summary: string
  content: unknown
  at: Date
}

/** What may change on a job; absent = unchanged. */
export interface JobPatch {
  title?: string
  machineId?: number | null
  positionId?: number | null
  stage?: string
  intake?: unknown
  evidence?: unknown
  decision?: unknown
  kit?: unknown
  comparison?: unknown
  inspection?: unknown
  fitting?: unknown
  closedAt?: Date | null
}

export interface NewEvent {
  kind: string
  summary: string
  content: unknown
}

/** Typing makes one entry of history, not one a key stroke: entries of one kind within this time are one. */
const ONE_ENTRY_MS = 120_000

const read = (json: string | null | undefined): unknown =>
  json === null || json === undefined ? null : JSON.parse(json)

const fromRow = (row: JobRow): StoredJob => ({
  id: row.id,
  title: row.title,
  machineId: row.machine_id,
  positionId: row.position_id,
  stage: row.stage,
  intake: read(row.intake),
  evidence: read(row.evidence),
  decision: read(row.decision),
  kit: read(row.kit),
  comparison: read(row.comparison),
  inspection: read(row.inspection),
  fitting: read(row.fitting),
  version: row.version,
  closedAt: row.closed_at,
  createdAt: row.created_at,
  updatedAt: row.updated_at,
})

function columns(patch: JobPatch) {
  const write = (value: unknown) => (value === null ? null : JSON.stringify(value))
  return {
    ...(patch.title !== undefined && { title: patch.title }),
    ...(patch.machineId !== undefined && { machine_id: patch.machineId }),
    ...(patch.positionId !== undefined && { position_id: patch.positionId }),
    ...(patch.stage !== undefined && { stage: patch.stage }),
    ...(patch.intake !== undefined && { intake: JSON.stringify(patch.intake) }),
    ...(patch.evidence !== undefined && { evidence: JSON.stringify(patch.evidence) }),
    ...(patch.decision !== undefined && { decision: write(patch.decision) }),
    ...(patch.kit !== undefined && { kit: write(patch.kit) }),
    ...(patch.comparison !== undefined && { comparison: write(patch.comparison) }),
    ...(patch.inspection !== undefined && { inspection: write(patch.inspection) }),
    ...(patch.fitting !== undefined && { fitting: write(patch.fitting) }),
    ...(patch.closedAt !== undefined && { closed_at: patch.closedAt }),
  }
}

export async function listJobs(limit: number): Promise<StoredJob[]> {
  const rows = await models().JobRow.findAll({ order: [['updated_at', 'DESC']], limit })
  return rows.map(fromRow)
}

export async function countJobs(): Promise<number> {
  return models().JobRow.count()
}

export async function findJob(id: number): Promise<StoredJob | null> {
  const row = await models().JobRow.findByPk(id)
  return row ? fromRow(row) : null
}

export async function createJob(
  job: JobPatch & { title: string; intake: unknown; evidence: unknown },
  event: NewEvent,
): Promise<StoredJob> {
  const { JobRow: Jobs, JobEventRow: Events } = models()
  return database().transaction(async (transaction) => {
    const row = await Jobs.create(
      {
        title: job.title,
        machine_id: job.machineId ?? null,
        position_id: job.positionId ?? null,
        stage: job.stage ?? 'takeIn',
        intake: JSON.stringify(job.intake),
        evidence: JSON.stringify(job.evidence),
        decision: job.decision === undefined ? null : JSON.stringify(job.decision),
        kit: job.kit === undefined ? null : JSON.stringify(job.kit),
        comparison: job.comparison === undefined ? null : JSON.stringify(job.comparison),
        inspection: job.inspection === undefined ? null : JSON.stringify(job.inspection),
        fitting: job.fitting === undefined ? null : JSON.stringify(job.fitting),
        closed_at: job.closedAt ?? null,
      },
      { transaction },
    )
    await Events.create({ job_id: row.id, ...event, content: JSON.stringify(event.content) }, { transaction })
    return fromRow(row)
  })
}

/**
 * Changes a job that still has the version the change was made on, and writes its history.
 * @returns the stored job; `conflict` with the present one when somebody saved in between; null when there is none
 */
export async function updateJob(
  id: number,
  version: number,
  patch: JobPatch,
  event: NewEvent,
): Promise<{ job: StoredJob; conflict: boolean } | null> {
  const { JobRow: Jobs, JobEventRow: Events } = models()
  return database().transaction(async (transaction) => {
    const row = await Jobs.findByPk(id, { transaction, lock: transaction.LOCK.UPDATE })
    if (!row) return null
    if (row.version !== version) return { job: fromRow(row), conflict: true }
    await row.update({ ...columns(patch), version: version + 1 }, { transaction })
    const last = await Events.findOne({ where: { job_id: id }, order: [['id', 'DESC']], transaction })
    const content = JSON.stringify(event.content)
    const sameEntry = last?.kind === event.kind && Date.now() - last.created_at.getTime() < ONE_ENTRY_MS
    if (sameEntry) await last.update({ summary: event.summary, content }, { transaction })
    else
      await Events.create({ job_id: id, kind: event.kind, summary: event.summary, content }, { transaction })
    return { job: fromRow(row), conflict: false }
  })
}

export async function jobHistory(jobId: number): Promise<StoredEvent[]> {
  const rows = await models().JobEventRow.findAll({
    where: { job_id: jobId },
    order: [['id', 'DESC']],
    limit: 200,
  })
  return rows.map((r) => ({
    kind: r.kind,
    summary: r.summary,
    content: JSON.parse(r.content) as unknown,
    at: r.updated_at,
  }))
}
