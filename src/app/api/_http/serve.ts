import 'server-only'
import {
  ENDPOINTS,
  NUMBERED,
  type Endpoint,
  type Body,
  type MethodOf,
  type Output,
  type ParameterOf,
  type Path,
  type RequestLine,
} from '@/contract/endpoints'
import { nameOf, type Sealed } from '@/services/accounts'
import { parse } from '@/services/parse'
import { answer, type UseCase } from './answer'
import { answerOnce } from './answerOnce'
import { jsonBody, numberIn, query } from './body'
import { methods, type Method } from './methods'

/** What a number in a path is of: `id` by the collection it stands in, the others by their name. */
const THINGS: Readonly<Record<string, string>> = {
  accounts: 'account',
  jobs: 'job',
  lists: 'list',
  machines: 'machine',
  orders: 'order',
  rechecks: 'recheck',
  stock: 'stock item',
  bearing: 'bearing',
  photo: 'photograph',
}

/** What a use-case gets of a request. */
type RouteInput<P extends Path, L> = Readonly<
  { [N in ParameterOf<P>]: N extends (typeof NUMBERED)[number] ? number : string } & {
    query: Record<string, string>
    /** the JSON of the request, read by the schema of the table; undefined where none is taken */
    body: L extends RequestLine ? Body<L> : never
    /** the same as it was sent, where the words of a request matter beside their meaning */
    sent: unknown
    /** the name of who asks */
    by: string
    /** null where signing in is not asked for */
    account: Sealed | null
    request: Request
  }
>

type Run<P extends Path, L> = (
  input: RouteInput<P, L>,
) => Promise<Response | (L extends RequestLine ? Output<L> : never)>

interface Context {
  /** of nothing where nothing of the path varies */
  params: Promise<Record<string, string> | undefined>
}

/** The varying parts of a path. @throws ServiceError `notFound` where a number is none */
function parametersOf(path: string, params: Record<string, string>): Record<string, string | number> {
  return Object.fromEntries(
    Object.entries(params).map(([name, text]) => {
      const thing = THINGS[name === 'id' ? (path.split('/')[2] ?? '') : name] ?? 'thing'
      return [name, NUMBERED.some((numbered) => numbered === name) ? numberIn(text, thing) : text]
    }),
  )
}

/**
 * The handlers of a path by the table of endpoints: what is asked is read, the use-case called, its value answered as JSON with the
 * status of the table; a write that may be repeated is carried out once. Every other method is refused as problem+json.
 */
export function serve<P extends Path>(path: P, runs: { [M in MethodOf<P>]: Run<P, `${M} ${P}`> }) {
  const handlers = Object.entries<Run<P, unknown>>(runs).map(([method, run]) => {
    const endpoint: Endpoint = ENDPOINTS[`${method} ${path}` as RequestLine]
    const { input, status, repeatable } = endpoint
    const handle: UseCase<Context> = async (request, { params }, account) => {
      const schema = typeof input === 'string' ? undefined : input
      const sent = schema && (await jsonBody(request))
      const value: unknown = await run({
        ...parametersOf(path, (await params) ?? {}),
        query: query(request),
        body: schema && parse(schema, sent),
        sent,
        by: nameOf(account),
        account,
        request,
      } as unknown as RouteInput<P, unknown>)
      return status === undefined || value instanceof Response ? value : Response.json(value, { status })
    }
    return [method, repeatable ? answerOnce<Context>(handle) : answer<Context>(handle)] as const
  })
  return methods<Context>(Object.fromEntries(handlers) as Partial<Record<Method, (typeof handlers)[0][1]>>)
}
