import 'server-only'
import { ServiceError } from '@/services/errors'
import { limitedBytes } from '@/services/limitedBytes'
import { MAX_PHOTO_BYTES } from '@/services/photos'

/** Largest JSON body: a job with all its evidence is a few kilobytes. */
const MAX_BYTES = 256 * 1024

/** The body of a request, at most so many bytes. @throws ServiceError `tooLarge` */
export async function bodyBytes(request: Request, max: number): Promise<Uint8Array> {
  const tooLarge = new ServiceError('tooLarge', `A request is at most ${Math.round(max / 1024)} kB.`)
  if (Number(request.headers.get('content-length') ?? 0) > max) throw tooLarge
  const bytes = await limitedBytes(request.body, max)
  if (!bytes) throw tooLarge
  return bytes
}

/** Half of a character (a surrogate alone, Unicode 3.9) or a NUL: no text holds it, and no database either. */
const BROKEN = /\p{Surrogate}|\0/u

/** Nothing that is asked here is nested as deeply as this. */
const MAX_DEPTH = 40

/** Where a broken text stands in a value; null = nowhere. @throws ServiceError `unreadable` for endless brackets */
function brokenAt(value: unknown, path: (string | number)[] = []): (string | number)[] | null {
  if (typeof value === 'string') return BROKEN.test(value) ? path : null
  if (typeof value !== 'object' || value === null) return null
  if (path.length > MAX_DEPTH)
    throw new ServiceError('unreadable', `The body is nested more than ${MAX_DEPTH} deep.`)
  for (const [key, inner] of Object.entries(value)) {
    const at = BROKEN.test(key) ? path : brokenAt(inner, [...path, Array.isArray(value) ? Number(key) : key])
    if (at) return at
  }
  return null
}

/** The JSON of a request. @throws ServiceError `wrongType`, `tooLarge`, `unreadable` */
export async function jsonBody(request: Request): Promise<unknown> {
  const type = request.headers.get('content-type') ?? ''
  if (!/^application\/json\b/i.test(type))
    throw new ServiceError('wrongType', 'Send JSON with the content type application/json.')
  const text = new TextDecoder().decode(await bodyBytes(request, MAX_BYTES))
  const value = asJson(text)
  const path = brokenAt(value)
  if (!path) return value
  const message = 'There is a hidden character in it, such as from a copied text. Type it anew.'
  throw new ServiceError('unreadable', `${path.join('.') || 'Input'}: ${message}`, [{ path, message }])
}

function asJson(text: string): unknown {
  try {
    return JSON.parse(text)
  } catch {
    throw new ServiceError('unreadable', 'The body is not JSON. Check quotes, commas and braces.')
  }
}

/** The CSV of a request. @throws ServiceError `wrongType`, `tooLarge` */
export async function csvBody(request: Request, max: number): Promise<Uint8Array> {
  if (!/^text\/csv\b/i.test(request.headers.get('content-type') ?? ''))
    throw new ServiceError('wrongType', 'Send CSV with the content type text/csv.')
  return bodyBytes(request, max)
}

/** The query of a request, each name once; missing ones are absent. */
export const query = (request: Request): Record<string, string> =>
  Object.fromEntries(new URL(request.url).searchParams)

/** A whole number in a path. @throws ServiceError `notFound` */
export function numberIn(text: string, what: string): number {
  if (!/^\d{1,9}$/.test(text))
    throw new ServiceError('notFound', `There is no ${what} “${text.slice(0, 40)}”.`)
  return Number(text)
}

/** The picture of a request; what it is decides its content. @throws ServiceError `wrongType`, `tooLarge`, `unreadable` */
export async function photoBody(request: Request): Promise<Uint8Array> {
  if (!/^(image\/|application\/octet-stream)/i.test(request.headers.get('content-type') ?? ''))
    throw new ServiceError('wrongType', 'Send a picture with its content type, such as image/jpeg.')
  return bodyBytes(request, MAX_PHOTO_BYTES)
}
