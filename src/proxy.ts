import { NextResponse, type NextRequest } from 'next/server'

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

const UNREADABLE = {
  type: '/problems/unreadable',
  title: 'This cannot be read',
  status: 400,
  detail: 'This address is not readable. Check what follows the % signs in it.',
}

export function proxy(request: NextRequest): NextResponse {
  if (!isReadable(new URL(request.url)))
    return NextResponse.json(UNREADABLE, {
      status: 400,
      headers: { 'content-type': 'application/problem+json' },
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
