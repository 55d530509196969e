import 'server-only'
import { createHash } from 'node:crypto'
import { MAX_STOCK_BYTES } from '@/services/stock'
import { carriedOutOnce, checkKey } from '@/services/repeats'
import { answer, type UseCase } from './answer'
import { bodyBytes } from './body'

/** Header of the IETF draft “The Idempotency-Key HTTP Header Field”. */
const HEADER = 'idempotency-key'

/**
 * A route handler of a write that may be sent again: with an `Idempotency-Key` what is asked happens once, and a repeated request
 * gets the answer of the first. Everything the use-case writes, and the key, is one change of the database. Only for use-cases that
 * change nothing but the database.
 */
export function answerOnce<C>(useCase: UseCase<C>) {
  return answer<C>(async (request, context, account) => {
    const key = request.headers.get(HEADER)
    if (key === null) return useCase(request, context, account)
    checkKey(key)
    const body = await bodyBytes(request, MAX_STOCK_BYTES)
    const { pathname, search } = new URL(request.url)
    const hash = createHash('sha256')
      .update(`${request.method} ${pathname}${search}\n`)
      .update(body)
      .digest('hex')
    const again = new Request(request.url, {
      method: request.method,
      headers: request.headers,
      ...(body.byteLength > 0 && { body: new Uint8Array(body) }),
    })
    const { status, text } = await carriedOutOnce(key, hash, async () => {
      const value = await useCase(again.clone(), context, account)
      return value instanceof Response
        ? { status: value.status, text: await value.text() }
        : { status: 200, text: JSON.stringify(value) }
    })
    return new Response(text, { status, headers: { 'content-type': 'application/json' } })
  }, true)
}
