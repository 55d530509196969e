import { QueryTypes } from 'sequelize'
import { afterChange, database } from './connection'

/** Keys of requests are kept this long; a screen holds its own for minutes. */
const KEPT_DAYS = 7
/** Old keys taken away beside each new one. */
const MAX_SWEPT = 50

export interface StoredAnswer {
  requestHash: string
  /** HTTP status; null while the request is being carried out */
  status: number | null
  /** JSON */
  answer: string | null
}

/**
 * Writes the key of a request down, as part of the change under way. A second request with this key waits until the first is
 * stored or given up.
 * @returns null = the key is ours; otherwise what was asked and answered under it
 */
export async function claimRequestKey(key: string, requestHash: string): Promise<StoredAnswer | null> {
  const [, written] = await database().query(
    'INSERT IGNORE INTO request_keys (idempotency_key, request_hash, created_at) VALUES (?, ?, NOW(3))',
    { replacements: [key, requestHash], type: QueryTypes.INSERT },
  )
  if (written > 0) {
    await afterChange(sweep)
    return null
  }
  // A locking read sees what others have stored since this change began. The same lock that finding the key taken has left:
  // many that wait for one answer would hold each other up over a stronger one.
  const [stored] = await database().query<StoredAnswer>(
    'SELECT request_hash AS requestHash, status, answer FROM request_keys WHERE idempotency_key = ? LOCK IN SHARE MODE',
    { replacements: [key], type: QueryTypes.SELECT },
  )
  if (!stored) throw new Error('a request key is neither free nor taken')
  return stored
}

/** Keeps what was answered under a key, in the change that does what was asked. */
export async function keepAnswer(key: string, status: number, answer: string): Promise<void> {
  await database().query('UPDATE request_keys SET status = ?, answer = ? WHERE idempotency_key = ?', {
    replacements: [status, answer, key],
    type: QueryTypes.UPDATE,
  })
}

async function sweep(): Promise<void> {
  try {
    await database().query(
      `DELETE FROM request_keys WHERE created_at < NOW(3) - INTERVAL ${KEPT_DAYS} DAY LIMIT ${MAX_SWEPT}`,
      { transaction: null },
    )
  } catch {
    // What is too old stays until the next request; nothing depends on it.
  }
}
