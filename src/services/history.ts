import 'server-only'
import * as db from '@/db'
import { AuditQuery, type ChangePage } from '@/contract/account'
import { pageOf } from './pageOf'
import { parse } from './parse'

/** Changes of one act that are told one by one; of more, how many there are. */
const MAX_TOLD = 40

/** Notes who changed what, one entry a change; with the change itself, or not at all. */
export async function noteChanges(
  who: string,
  about: db.AuditSubject,
  id: number,
  changes: readonly string[],
): Promise<void> {
  const more = changes.length - MAX_TOLD
  const shown = more > 0 ? [...changes.slice(0, MAX_TOLD), `and ${more} more changes`] : changes
  await db.writeAudit(...shown.map((what) => ({ accountId: null, who, what, about, aboutId: id })))
}

/**
 * Notes what was changed of the shop's own parts, names, lists, arrangements and orders; with the change itself, or not at all.
 * Only an import, which a thread begins, is noted just after its beginning.
 */
export const noteOfShop = (who: string, what: string): Promise<void> =>
  db.writeAudit({ accountId: null, who, what })

/** What was changed on one thing, when and by whom, the latest first. @throws ServiceError `unreadable` */
export async function historyOf(about: db.AuditSubject, id: number, input: unknown): Promise<ChangePage> {
  const { limit, cursor } = parse(AuditQuery, input)
  const rows = await db.auditOf(about, id, limit + 1, cursor)
  const { items, next } = pageOf(rows, limit, (last) => String(last.id))
  return { items: items.map(({ id, who, what, at }) => ({ id, who, what, at: at.toISOString() })), next }
}
