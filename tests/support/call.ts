const ADDRESS = process.env['AMBER_URL'] ?? ''
if (!ADDRESS) throw new Error('AMBER_URL is not set: ./test starts the application and sets it')

export interface Called<T> {
  status: number
  body: T & { detail?: string; issues?: { path: (string | number)[]; message: string }[] }
}

/** A call of the running application, its answer read as JSON. */
export async function call<T>(method: string, path: string, body?: unknown): Promise<Called<T>> {
  const response = await fetch(ADDRESS + path, {
    method,
    ...(body !== undefined && {
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(body),
    }),
  })
  return { status: response.status, body: (await response.json()) as Called<T>['body'] }
}

export const post = <T>(path: string, body: unknown) => call<T>('POST', path, body)
export const address = ADDRESS
