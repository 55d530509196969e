import { checkConforms } from './conforms'

const ADDRESS = process.env['AMBER_URL'] ?? ''
if (!ADDRESS) throw new Error('AMBER_URL is not set: ./test starts the application and sets it')

export interface Called<T> {
  status: number
  type: string
  body: T & { detail?: string; issues?: { path: (string | number)[]; message: string }[] }
}

/** A request to the running application. Answers in JSON are checked against the description it gives of itself. */
export async function request<T>(path: string, init: RequestInit = {}): Promise<Called<T>> {
  const response = await fetch(ADDRESS + path, init)
  const type = response.headers.get('content-type') ?? ''
  const text = await response.text()
  const body: unknown = /json/.test(type) ? JSON.parse(text) : text
  if (/json/.test(type)) await checkConforms(ADDRESS, init.method ?? 'GET', path, response.status, body)
  return { status: response.status, type, body: body as Called<T>['body'] }
}

/** The same with a body; what is no text is sent as JSON. */
export const call = <T>(
  method: string,
  path: string,
  body?: unknown,
  headers: Record<string, string> = {},
): Promise<Called<T>> =>
  request<T>(path, {
    method,
    ...(body === undefined
      ? { headers }
      : {
          headers: { 'content-type': 'application/json', ...headers },
          body: typeof body === 'string' ? body : JSON.stringify(body),
        }),
  })

export const post = <T>(path: string, body: unknown) => call<T>('POST', path, body)
export const address = ADDRESS

/** A page or a file of the running application, as text. @throws when it is not there */
export async function page(path: string, accept = '*/*'): Promise<string> {
  const response = await fetch(ADDRESS + path, { headers: { accept } })
  if (!response.ok) throw new Error(`${path}: ${response.status}`)
  return response.text()
}
