import 'server-only'
import { isDatabaseAway, isDatabaseBusy, ServiceError } from '@/services/errors'
import { log } from '@/services/log'
import { STATUS } from './status'

const AWAY = new ServiceError(
  'unavailable',
  'The database is away. What you typed is kept; try again in a moment.',
)

const BUSY = new ServiceError(
  'unavailable',
  'Too much is asked of the database at once. What you typed is kept; try again in a moment.',
)

function problem(thrown: unknown, request: Request): Response {
  const error = isDatabaseAway(thrown) ? AWAY : isDatabaseBusy(thrown) ? BUSY : thrown
  if (error === BUSY) log.error({ path: new URL(request.url).pathname, err: thrown }, 'no free connection')
  if (!(error instanceof ServiceError)) {
    log.error({ path: new URL(request.url).pathname, err: error }, 'unexpected')
    const body = {
      type: 'about:blank',
      title: 'Something went wrong here',
      status: 500,
      detail: 'Nothing was changed. Try again.',
    }
    return Response.json(body, { status: 500, headers: { 'content-type': 'application/problem+json' } })
  }
  const { status, title } = STATUS[error.code]
  log.info({ path: new URL(request.url).pathname, status }, error.message.slice(0, 200))
  const body = {
    type: `/problems/${error.code}`,
    title,
    status,
    detail: error.message,
    ...(error.issues.length > 0 && { issues: error.issues }),
    ...(error.suggestions.length > 0 && { suggestions: error.suggestions }),
    ...(error.current !== undefined && { current: error.current }),
  }
  return Response.json(body, { status, headers: { 'content-type': 'application/problem+json' } })
}

/** Turns a use-case into a route handler: its value as JSON, its refusal as problem+json, never a stack trace. */
export function answer<C>(useCase: (request: Request, context: C) => Promise<unknown>) {
  return async (request: Request, context: C): Promise<Response> => {
    try {
      const value = await useCase(request, context)
      return value instanceof Response ? value : Response.json(value)
    } catch (error) {
      return problem(error, request)
    }
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
