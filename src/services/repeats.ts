import 'server-only'
import * as db from '@/db'
import { ServiceError } from './errors'
import { getCatalogue } from './catalogueRuntime'

/** @throws ServiceError `unreadable` for what is no key */
export function checkKey(key: string): void {
  if (!/^[\x21-\x7e]{8,80}$/.test(key))
    throw new ServiceError('unreadable', 'An Idempotency-Key has 8 to 80 letters, figures and marks.')
}

export interface Answered {
  /** HTTP status of the answer */
  status: number
  /** the answer, JSON */
  text: string
}

/**
 * Carries a request out once, however often it comes: the key, the answer and all that `run` writes are one change, stored together
 * or not at all. A request that is refused leaves its key free.
 * @param hash of all that is asked under the key
 * @throws ServiceError `keyReused` when something else was asked under it before, and what `run` throws
 */
export async function carriedOutOnce(
  key: string,
  hash: string,
  run: () => Promise<Answered>,
): Promise<Answered> {
  // Within the change what the shop adds is not asked for again.
  await getCatalogue()
  return db.oneChange(async () => {
    const stored = await db.claimRequestKey(key, hash)
    if (stored && stored.requestHash !== hash)
      throw new ServiceError(
        'keyReused',
        'Something else was asked under this key before. Load the page again and do it anew.',
      )
    if (stored && stored.status !== null && stored.answer !== null)
      return { status: stored.status, text: stored.answer }
    const answered = await run()
    await db.keepAnswer(key, answered.status, answered.text)
    return answered
  })
}
