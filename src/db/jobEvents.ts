import type { Transaction } from 'sequelize'
import { actorOr } from './actor'
import { models } from './models'

/** An entry of the history of a job. */
export interface NewEvent {
  kind: string
  summary: string
  content: unknown
  who?: string
}

/** Adds to the history of a job; nothing there is changed. */
export async function writeEvents(
  jobId: number,
  events: readonly NewEvent[],
  transaction: Transaction,
): Promise<void> {
  await models().JobEventRow.bulkCreate(
    events.map(({ kind, summary, content, who = '' }) => ({
      job_id: jobId,
      kind,
      summary: summary.slice(0, 300),
      content: JSON.stringify(content ?? null),
      who: actorOr(who),
    })),
    { transaction },
  )
}
