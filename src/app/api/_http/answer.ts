import 'server-only'
import { randomUUID } from 'node:crypto'
import { isDatabaseAway, isDatabaseBusy, isDiskFull, ServiceError } from '@/services/errors'
import { inNameOf, type Sealed } from '@/services/accounts'
import { observe } from '@/services/metrics'
import { log } from '@/services/log'
import { contentPolicy, setAnswerHeaders } from './answerHeaders'
import { asProblem } from './asProblem'
import { gate } from './gate'
import { STATUS } from './status'

const SERVER_UNREACHABLE = new ServiceError(
  'unavailable',
  'The database is away. What you typed is kept; try again in a moment.',
)

const BUSY = new ServiceError(
  'unavailable',
  'Too much is asked of the database at once. What you typed is kept; try again in a moment.',
)

const FULL = new ServiceError(
  'unavailable',
  'The disk of the server is full: nothing was changed. What you typed is kept; make room on it, then it goes on by itself.',
)

/** An answer of the interface shows nothing and loads nothing: no script of it has a nonce. */
const POLICY = contentPolicy()

/** Answers slower than this are logged, whatever they say. */
const SLOW_MS = 1000

/** What somebody may do after a fault whose outcome is not known here. */
function afterFault(request: Request, repeatable: boolean): string {
  if (request.method === 'GET') return 'Nothing was changed. Try again.'
  return repeatable && request.headers.has('idempotency-key')
    ? 'Try again: what was done already is not done a second time.'
    : 'It may or may not have been done. Look before you try again.'
}

/** A refusal in words, or a fault with the number it has in the log. */
function problem(error: unknown, request: Request, id: string, repeatable: boolean): Response {
  if (!(error instanceof ServiceError)) {
    const detail = `${afterFault(request, repeatable)} In the log this is request ${id}.`
    return asProblem({ type: 'about:blank', title: 'Something went wrong here', status: 500, detail })
  }
  const { status, title } = STATUS[error.code]
  const body = {
    type: `/problems/${error.code}`,
    title,
    status,
    detail: error.message,
    ...(error.issues.length > 0 && { issues: error.issues }),
    ...(error.suggestions.length > 0 && { suggestions: error.suggestions }),
    ...(error.current !== undefined && { current: error.current }),
  }
  return asProblem(body)
}

/** Refusals as they are; of the database's own errors those that say it is away or busy, or that there is no room. */
function toRefusal(thrown: unknown): unknown {
  if (isDatabaseAway(thrown)) return SERVER_UNREACHABLE
  if (isDatabaseBusy(thrown)) return BUSY
  return isDiskFull(thrown) ? FULL : thrown
}

/** Does what a request asks. @param account who asks; null where signing in is not asked for */
export type UseCase<C> = (request: Request, context: C, account: Sealed | null) => Promise<unknown>

/** What a request is answered that may pass, or why it may not. */
async function throughGate<C>(request: Request, context: C, useCase: UseCase<C>): Promise<unknown> {
  const passed = await gate(request)
  if (passed instanceof Response) return passed
  return inNameOf(passed.account, () => useCase(request, context, passed.account))
}

/**
 * Turns a use-case into a route handler behind the gate: its value as JSON, its refusal as problem+json, never a stack trace.
 * @param repeatable whether a request with a key of its own is carried out once
 */
export function answer<C>(useCase: UseCase<C>, repeatable = false) {
  return async (request: Request, context: C): Promise<Response> => {
    const id = randomUUID().slice(0, 8)
    const began = performance.now()
    const about = () => ({
      request: id,
      method: request.method,
      path: new URL(request.url).pathname,
      ms: Math.round(performance.now() - began),
    })
    let response: Response
    try {
      const value = await throughGate(request, context, useCase)
      response = value instanceof Response ? value : Response.json(value)
      if (performance.now() - began > SLOW_MS) log.warn({ ...about(), status: response.status }, 'slow')
    } catch (thrown) {
      const error = toRefusal(thrown)
      response = problem(error, request, id, repeatable)
      const line = { ...about(), status: response.status }
      if (!(error instanceof ServiceError)) log.error({ ...line, err: thrown }, 'unexpected')
      else if (error === thrown) log.info(line, error.message.slice(0, 200))
      else log.error({ ...line, cause: thrown instanceof Error ? thrown.name : '' }, error.message)
    }
    response.headers.set('x-request-id', id)
    setAnswerHeaders(response, POLICY)
    observe(request.method, new URL(request.url).pathname, response.status, performance.now() - began)
    return response
  }
}

/** A file to save. */
export const attached = (text: string, type: string, name: string): Response =>
  new Response(text, {
    headers: {
      'content-type': `${type}; charset=utf-8`,
      'content-disposition': `attachment; filename="${name}"`,
    },
  })

/** A document to look at. */
export const pdf = (bytes: Buffer, name: string): Response =>
  new Response(new Uint8Array(bytes), {
    headers: { 'content-type': 'application/pdf', 'content-disposition': `inline; filename="${name}"` },
  })
