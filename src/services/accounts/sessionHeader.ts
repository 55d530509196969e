import * as db from '@/db/actor'
import type { Sealed } from './seal'

/** Of pages alone, set by the proxy, which takes away what a client sends under this name. */
export const ACCOUNT_HEADER = 'x-amber-account'

/** Who the request of a page comes from; null where signing in is not asked for. */
export function accountIn(headers: Pick<Headers, 'get'>): Sealed | null {
  const text = headers.get(ACCOUNT_HEADER)
  return text === null ? null : (JSON.parse(decodeURIComponent(text)) as Sealed)
}

/** Name of who works where nobody has to sign in. */
const OPERATOR = 'local operator'

/** The name work is noted under. */
export const nameOf = (account: Sealed | null): string => account?.name ?? OPERATOR

/** Does something in the name of an account: histories carry that name. */
export const inNameOf = <T>(account: Sealed | null, work: () => Promise<T>): Promise<T> =>
  account ? db.inNameOf(account.name, work) : work()
