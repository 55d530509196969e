import { findAccount } from '@/db/accounts'
import type { Sealed } from './seal'

/** How long an answer about an account counts: a right that was taken away ends within it. */
const KEPT_MS = 3000
/** Accounts remembered at once. */
const MAX_KEPT = 500

const cache = new Map<number, { version: number; until: number }>()

/** Whether the account of a session is still as it was when it signed in. */
export async function isLive({ id, version }: Pick<Sealed, 'id' | 'version'>, now: number): Promise<boolean> {
  const known = cache.get(id)
  if (known && known.until > now) return known.version === version
  const account = await findAccount({ id })
  const current = account?.isActive ? account.version : 0
  if (cache.size >= MAX_KEPT) cache.clear()
  cache.set(id, { version: current, until: now + KEPT_MS })
  return current === version
}
