import 'server-only'
import { answer } from './answer'
import { asProblem } from './asProblem'

const METHODS = ['GET', 'POST', 'PUT', 'PATCH', 'DELETE'] as const
export type Method = (typeof METHODS)[number]
type Handler<C> = (request: Request, context: C) => Promise<Response>

/** The refusal of a method that a path does not know (RFC 9110, 15.5.6), with those it does. */
function notAllowed(method: Method, known: readonly Method[]): Response {
  const allow = known.includes('GET') ? [...known, 'HEAD'] : known
  return asProblem(
    {
      type: '/problems/wrongMethod',
      title: 'Wrong method',
      status: 405,
      detail: `${method} is not answered here. Use ${known.join(' or ')}.`,
    },
    { allow: allow.join(', ') },
  )
}

/** The handlers of a route: every other method is refused as problem+json. */
export function methods<C>(handlers: Partial<Record<Method, Handler<C>>>): Record<Method, Handler<C>> {
  const known = METHODS.filter((method) => handlers[method])
  const handler = (method: Method): Handler<C> =>
    handlers[method] ?? answer(() => Promise.resolve(notAllowed(method, known)))
  return {
    GET: handler('GET'),
    POST: handler('POST'),
    PUT: handler('PUT'),
    PATCH: handler('PATCH'),
    DELETE: handler('DELETE'),
  }
}
