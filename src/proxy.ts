import { NextResponse, type NextRequest } from 'next/server'
import { asProblem } from './app/api/_http/asProblem'

/** Everything comes from here; scripts carry the nonce of their own answer. Development needs eval and its socket. */
function policy(nonce: string): string {
  const development = process.env.NODE_ENV === 'development'
  return [
    "default-src 'self'",
    `script-src 'self' 'nonce-${nonce}' 'strict-dynamic'${development ? " 'unsafe-eval'" : ''}`,
    "style-src 'self' 'unsafe-inline'",
    "img-src 'self' data: blob:",
    "font-src 'self'",
    `connect-src 'self'${development ? ' ws:' : ''}`,
    "worker-src 'self'",
    "object-src 'none'",
    "base-uri 'self'",
    "form-action 'self'",
    "frame-ancestors 'none'",
  ].join('; ')
}

/** Whether an address can be read: %ff alone is no character (RFC 3986, UTF-8). */
function isReadable({ pathname }: URL): boolean {
  try {
    decodeURIComponent(pathname)
    return true
  } catch {
    return false
  }
}

const LOOPBACK = /^(localhost|127\.0\.0\.1|\[::1\])$/
const hostOf = (text: string | null): string => (text ?? '').trim().toLowerCase()
const nameOf = (host: string): string => host.replace(/:\d+$/, '')

/**
 * Whether a request asks for this server by one of its names. While it listens on loopback only, another name is somebody's page
 * that had its own name point here (DNS rebinding).
 */
function isOurName(host: string): boolean {
  const listens = hostOf(process.env['HOST'] ?? '127.0.0.1')
  return !LOOPBACK.test(listens) || LOOPBACK.test(nameOf(host)) || nameOf(host) === listens
}

/** Whether a write comes from one of our own pages, or from a program: not from a page of somebody else (CSRF). */
function isOurPage(request: NextRequest, host: string): boolean {
  if (request.method === 'GET' || request.method === 'HEAD') return true
  const origin = request.headers.get('origin')
  if (origin === null) return request.headers.get('sec-fetch-site') !== 'cross-site'
  const from = hostOf(URL.canParse(origin) ? new URL(origin).host : '')
  return from === host || from === hostOf(request.headers.get('x-forwarded-host'))
}

export function proxy(request: NextRequest): Response {
  if (!isReadable(new URL(request.url)))
    return asProblem({
      type: '/problems/unreadable',
      title: 'This cannot be read',
      status: 400,
      detail: 'This address is not readable. Check what follows the % signs in it.',
    })
  const host = hostOf(request.headers.get('host'))
  if (!isOurName(host) || !isOurPage(request, host))
    return asProblem({
      type: '/problems/foreign',
      title: 'Not from here',
      status: 403,
      detail: 'This request comes from a page of somebody else. Open the address of this shop itself.',
    })
  const nonce = btoa(crypto.randomUUID())
  const headers = new Headers(request.headers)
  headers.set('x-nonce', nonce)
  headers.set('content-security-policy', policy(nonce))
  const response = NextResponse.next({ request: { headers } })
  response.headers.set('content-security-policy', policy(nonce))
  response.headers.set('x-content-type-options', 'nosniff')
  response.headers.set('referrer-policy', 'same-origin')
  return response
}

export const config = { matcher: ['/((?!_next/static|_next/image|icon.svg).*)'] }
