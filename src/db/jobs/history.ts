import { Op } from 'sequelize'
import { models } from '../models'

export interface StoredEvent {
  id: number
  kind: string
  summary: string
  content: string
  who: string
  at: Date
}

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
