import { Op, type Transaction } from 'sequelize'
import { actorOr } from '../actor'
import { models } from '../models'

/** An entry of the history of a job. */
export interface NewEvent {
  kind: string
  summary: string
  content: unknown
  who?: string
}

/** The change of a job that entries of its history belong to. */
export interface EventsOf {
  /** version of the job it led to */
  version: number
  /** what undoes it; absent = it is not undone */
  undo?: unknown
  /** versions that it undoes: neither they nor it can be undone any more */
  undoes?: readonly number[] | undefined
}

/** Adds to the history of a job; nothing that was written there is changed. */
export async function writeEvents(
  jobId: number,
  events: readonly NewEvent[],
  transaction: Transaction,
  of?: EventsOf,
): Promise<void> {
  const undoneAt = of?.undoes ? new Date() : null
  await models().JobEventRow.bulkCreate(
    events.map(({ kind, summary, content, who = '' }, i) => ({
      job_id: jobId,
      kind,
      summary: summary.slice(0, 300),
      content: JSON.stringify(content ?? null),
      who: actorOr(who),
      job_version: of?.version ?? null,
      undo: i === 0 && of?.undo !== undefined ? JSON.stringify(of.undo) : null,
      undone_at: undoneAt,
    })),
    { transaction },
  )
  if (of?.undoes)
    await models().JobEventRow.update(
      { undone_at: undoneAt },
      { where: { job_id: jobId, job_version: { [Op.in]: [...of.undoes] } }, transaction, silent: true },
    )
}

/** An entry that nobody has undone. */
export interface LiveEvent {
  summary: string
  /** version of the job its change led to; null = it was no change that can be undone */
  version: number | null
  /** JSON of what undoes the change, at its first entry */
  undo: string | null
  at: Date
}

/** What was done to a job and not undone since, the latest first. */
export async function liveEvents(jobId: number, limit: number): Promise<LiveEvent[]> {
  const rows = await models().JobEventRow.findAll({
    attributes: ['summary', 'job_version', 'undo', 'created_at'],
    where: { job_id: jobId, undone_at: null },
    order: [['id', 'DESC']],
    limit,
  })
  return rows.map(({ summary, job_version: version, undo, created_at: at }) => ({
    summary,
    version,
    undo,
    at,
  }))
}
