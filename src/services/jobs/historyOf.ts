import 'server-only'
import * as db from '@/db'
import { HistoryQuery, type JobHistory } from '@/contract/job'
import { pageOf } from '../pageOf'
import { parse } from '../parse'

/** What happened to a job, the latest first, a page at a time. @throws ServiceError `unreadable` */
export async function historyOf(jobId: number, input: unknown = {}): Promise<JobHistory> {
  const { limit, cursor } = parse(HistoryQuery, input)
  const events = await db.jobHistory(jobId, limit + 1, cursor)
  const { items, next } = pageOf(events, limit, (last) => String(last.id))
  return {
    items: items.map(({ id, kind, summary, who, at }) => ({ id, kind, summary, who, at: at.toISOString() })),
    next,
  }
}
