import * as db from '@/db/actor'
import type { Sealed } from './seal'

/** Set by the proxy alone, which takes away what a client sends under this name. */
export const ACCOUNT_HEADER = 'x-amber-account'

/** Who a request comes from; null where signing in is not asked for. */
export function accountIn(headers: Pick<Headers, 'get'>): Sealed | null {
  const text = headers.get(ACCOUNT_HEADER)
  return text === null ? null : (JSON.parse(decodeURIComponent(text)) as Sealed)
}

/** Name of who works where nobody has to sign in. */
const OPERATOR = 'local operator'

/** The name a request's work is noted under. */
export const nameIn = (headers: Pick<Headers, 'get'>): string => accountIn(headers)?.name ?? OPERATOR

/** Does what a request asks in the name of the account it comes from: histories carry that name. */
export function inNameOf<T>(headers: Pick<Headers, 'get'>, work: () => Promise<T>): Promise<T> {
  const account = accountIn(headers)
  return account ? db.inNameOf(account.name, work) : work()
}
