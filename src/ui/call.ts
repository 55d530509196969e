import type { Input, Output, ParameterOf, QueryOf, RequestLine } from '@/contract/endpoints'
import type { Suggestion } from '@/core/designation'
import * as texts from '@/texts/ui'

/** A field of a refused request and what to change there. */
export interface Issue {
  path: (string | number)[]
  message: string
}

/** Words of a refusal, or of a server that is away. */
export class ApiError extends Error {
  constructor(
    message: string,
    /** numbers that may have been meant */
    readonly suggestions: readonly Suggestion[] = [],
    /** whether the server refused it; otherwise nobody knows whether it was done */
    readonly answered = false,
    readonly issues: readonly Issue[] = [],
    /** what stands instead, where somebody else changed it meanwhile */
    readonly current?: unknown,
    /** of HTTP; 0 = no answer came */
    readonly status = 0,
  ) {
    super(message)
  }
}

export const errorMessage = (error: unknown): string =>
  error instanceof ApiError ? error.message : texts.noConnectionToThe

export const suggestionsOf = (error: unknown): readonly Suggestion[] =>
  error instanceof ApiError ? error.suggestions : []

type PathOf<L extends RequestLine> = L extends `${string} ${infer P}` ? P : never

/** What is asked of an endpoint: the varying parts of its path, its query, its body; each only where the endpoint has it. */
export type CallInput<L extends RequestLine> = ([ParameterOf<PathOf<L>>] extends [never]
  ? { path?: never }
  : { path: Readonly<Record<ParameterOf<PathOf<L>>, string | number>> }) &
  ([QueryOf<L>] extends [never]
    ? { query?: never }
    : { query?: Readonly<Partial<Record<QueryOf<L>, string>>> | URLSearchParams }) &
  ([Input<L>] extends [never] ? { body?: never } : { body: Input<L> })

/** May be left out where nothing of it is needed. */
type Rest<L extends RequestLine> =
  object extends CallInput<L> ? [input?: CallInput<L>] : [input: CallInput<L>]

interface AnyInput {
  path?: Readonly<Record<string, string | number>> | undefined
  query?: Readonly<Record<string, string>> | URLSearchParams | undefined
  body?: unknown
}

/** A request as it goes over the line; plain text, so that it may be a key. */
export interface PlainRequest {
  method: string
  address: string
  /** JSON; empty = none */
  body: string
}

/** JSON has no word for a figure that is none, and would leave it out: it goes as text, for the server to refuse at its field. */
const toldFigure = (_: string, value: unknown): unknown =>
  typeof value === 'number' && !Number.isFinite(value) ? String(value) : value

/** What is asked of an endpoint, as a request. */
export function requestOf<L extends RequestLine>(line: L, input: CallInput<L>): PlainRequest {
  const { path = {}, query, body } = input as AnyInput
  const [method = '', template = ''] = line.split(' ')
  const bare = template.replace(/\{(\w+)\}/g, (_, name: string) => encodeURIComponent(path[name] ?? ''))
  const text = query && new URLSearchParams(query).toString()
  return {
    method,
    address: text ? `${bare}?${text}` : bare,
    body: body === undefined ? '' : JSON.stringify(body, toldFigure),
  }
}

/** A request as a key: the same for the server that answers it with a page and for the screen that asks. */
export const questionOf = <L extends RequestLine>(line: L, input: CallInput<L>, stamp = ''): string =>
  JSON.stringify([requestOf(line, input), stamp])

/** The address of an endpoint, for a link. @example urlOf('GET /api/jobs/{id}/kit.csv', { path: { id: 3 } }) // '/api/jobs/3/kit.csv' */
export const urlOf = <L extends RequestLine & `GET ${string}`>(line: L, ...[input]: Rest<L>): string =>
  requestOf(line, input ?? ({} as CallInput<L>)).address

/** The answer of a request that was carried out. @throws ApiError with words to show; what its signal throws */
async function answered(address: string, init: RequestInit): Promise<Response> {
  let response: Response
  try {
    response = await fetch(address, init)
  } catch (error) {
    if (init.signal?.aborted) throw error
    throw new ApiError(texts.noConnectionToThe)
  }
  if (response.ok) return response
  const problem = (await response.json().catch(() => null)) as {
    detail?: string
    suggestions?: Suggestion[]
    issues?: Issue[]
    current?: unknown
  } | null
  // What is no problem of ours, such as a page of a proxy, does not say what was done.
  if (problem?.detail === undefined) throw new ApiError(texts.noConnectionToThe)
  throw new ApiError(
    problem.detail,
    problem.suggestions,
    response.status < 500,
    problem.issues,
    problem.current,
    response.status,
  )
}

async function fetched<T>(address: string, init: RequestInit): Promise<T> {
  const response = await answered(address, init)
  try {
    return (await response.json()) as T
  } catch (error) {
    if (init.signal?.aborted) throw error
    throw new ApiError(texts.noConnectionToThe)
  }
}

const JSON_HEADERS = { 'content-type': 'application/json' }

/** Asks for what changes nothing; given up by its signal. @throws ApiError with words to show; what the signal throws */
export const read = <T>({ method, address, body }: PlainRequest, signal: AbortSignal): Promise<T> =>
  fetched<T>(address, { method, signal, ...(body !== '' && { headers: JSON_HEADERS, body }) })

/** The same for a text file, such as CSV; what is sent may be one. */
export async function readText(
  { method, address, body }: PlainRequest,
  signal?: AbortSignal,
  csv?: string,
): Promise<string> {
  const init: RequestInit =
    csv === undefined
      ? { method, headers: JSON_HEADERS, body }
      : { method, headers: { 'content-type': 'text/csv' }, body: csv }
  return (await answered(address, { ...init, ...(signal && { signal }) })).text()
}

/** Keys of writes that are under way or got no answer, by what they ask. */
const openKeys = new Map<string, string>()

/** A request with a key that stays the same until it is answered: pressed twice, or again after the answer was lost, it happens once. */
async function once<T>(address: string, init: RequestInit, about: string): Promise<T> {
  const name = `${init.method} ${address} ${about}`
  const key = openKeys.get(name) ?? crypto.randomUUID()
  openKeys.set(name, key)
  try {
    const answer = await fetched<T>(address, {
      ...init,
      headers: { ...init.headers, 'idempotency-key': key },
    })
    openKeys.delete(name)
    return answer
  } catch (error) {
    // ApiError in words: nothing was done under this key.
    if (error instanceof ApiError && error.answered) openKeys.delete(name)
    throw error
  }
}

/**
 * A call of our own interface, by its table of endpoints.
 * @example call('PATCH /api/jobs/{id}', { path: { id: 3 }, body: { version: 1, title: 'Fan' } })
 * @throws ApiError with words to show
 */
export function call<L extends RequestLine>(line: L, ...[input]: Rest<L>): Promise<Output<L>> {
  const { method, address, body } = requestOf(line, input ?? ({} as CallInput<L>))
  const init: RequestInit = { method, ...(body !== '' && { headers: JSON_HEADERS, body }) }
  return method === 'GET' ? fetched(address, init) : once(address, init, body)
}

/**
 * Sends a file to an endpoint that takes one.
 * @param type media type the file is sent as
 * @throws ApiError with words to show
 */
export function sendFile<L extends RequestLine & `POST ${string}`>(
  line: L,
  file: File,
  type: string,
  ...[input]: Rest<L>
): Promise<Output<L>> {
  const { method, address } = requestOf(line, input ?? ({} as CallInput<L>))
  const about = `${file.name} ${file.size} ${file.lastModified}`
  return once(address, { method, headers: { 'content-type': type }, body: file }, about)
}

/**
 * Sends a file under a key of the caller's own: sent again under it, after the page was loaded anew or the answer was lost, it is
 * taken once.
 * @param type media type the file is sent as
 * @throws ApiError with words to show
 */
export function sendOnce<L extends RequestLine & `POST ${string}`>(
  line: L,
  file: Blob,
  type: string,
  key: string,
  ...[input]: Rest<L>
): Promise<Output<L>> {
  const { method, address } = requestOf(line, input ?? ({} as CallInput<L>))
  return fetched(address, { method, headers: { 'content-type': type, 'idempotency-key': key }, body: file })
}
