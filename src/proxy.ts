import { NextResponse, type NextRequest } from 'next/server'
import { asProblem } from './app/api/_http/asProblem'
import { isLive } from './services/accounts/live'
import { isAllowed, isPublic } from './services/accounts/rights'
import {
  CALENDAR_PATH,
  isSignInRequired,
  SESSION_COOKIE,
  unseal,
  unsealCalendarKey,
  type Sealed,
} from './services/accounts/seal'
import { ACCOUNT_HEADER } from './services/accounts/sessionHeader'

/** Everything comes from here; scripts of a page carry the nonce of their own answer. Development needs eval and its socket. */
function policy(nonce: string): string {
  const development = process.env.NODE_ENV === 'development'
  return [
    "default-src 'self'",
    `script-src 'self'${nonce ? ` 'nonce-${nonce}' 'strict-dynamic'` : ''}${development ? " 'unsafe-eval'" : ''}`,
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

/** The account a request comes from; null when nobody has signed in, or the session has ended. */
async function accountOf(request: NextRequest): Promise<Sealed | null> {
  const session = await unseal(request.cookies.get(SESSION_COOKIE)?.value)
  if (!session) return null
  // Without the database nothing can be read or changed anyway, and the screens say so.
  return (await isLive(session, Date.now()).catch(() => true)) ? session : null
}

/** Whether a calendar asks for its feed, with a key of an account that still is as it was. */
async function isCalendar({ method, nextUrl }: NextRequest): Promise<boolean> {
  if (method !== 'GET' || nextUrl.pathname !== CALENDAR_PATH) return false
  const holder = await unsealCalendarKey(nextUrl.searchParams.get('key'))
  return holder !== null && (await isLive(holder, Date.now()).catch(() => false))
}

/** What is answered instead where signing in is asked for; null = go on. */
function refusal(request: NextRequest, account: Sealed | null): Response | null {
  const { search } = request.nextUrl
  // Rights are of the path as it is meant: an encoded letter is the letter (RFC 3986, 6.2.2.2).
  const pathname = decodeURIComponent(request.nextUrl.pathname)
  if (isPublic(pathname)) return null
  const isPage = !pathname.startsWith('/api/')
  if (!account) {
    if (isPage) {
      const to = new URL('/sign-in', request.url)
      if (pathname !== '/') to.searchParams.set('to', pathname + search)
      return NextResponse.redirect(to)
    }
    return asProblem({
      type: '/problems/signedOut',
      title: 'Not signed in',
      status: 401,
      detail: 'Sign in first. What you typed is kept on the screen.',
    })
  }
  if (isAllowed(account.role, request.method, pathname)) return null
  return isPage
    ? NextResponse.redirect(new URL('/account', request.url))
    : asProblem({
        type: '/problems/notAllowed',
        title: 'Not allowed',
        status: 403,
        detail: 'Your account does not have this right. Ask an owner of this shop.',
      })
}

/** Goes on with some headers of the request set (null = taken away). Each header handed on costs time: none where none changes. */
function passOn(request: NextRequest, own: ReadonlyMap<string, string | null>): NextResponse {
  if (own.size === 0) return NextResponse.next()
  const headers = new Headers(request.headers)
  for (const [name, value] of own) {
    if (value === null) headers.delete(name)
    else headers.set(name, value)
  }
  return NextResponse.next({ request: { headers } })
}

export async function proxy(request: NextRequest): Promise<Response> {
  if (!isReadable(new URL(request.url)))
    return asProblem({
      type: '/problems/unreadable',
      title: 'Unreadable',
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
  const own = new Map<string, string | null>()
  if (request.headers.has(ACCOUNT_HEADER)) own.set(ACCOUNT_HEADER, null)
  if (isSignInRequired()) {
    const account = await accountOf(request)
    const refused = (await isCalendar(request)) ? null : refusal(request, account)
    if (refused) return refused
    if (account) own.set(ACCOUNT_HEADER, encodeURIComponent(JSON.stringify(account)))
  }
  // A page gets a nonce for its scripts; a value of the interface has none.
  const nonce = request.nextUrl.pathname.startsWith('/api/') ? '' : btoa(crypto.randomUUID())
  const allowed = policy(nonce)
  if (nonce) own.set('x-nonce', nonce).set('content-security-policy', allowed)
  const response = passOn(request, own)
  response.headers.set('content-security-policy', allowed)
  response.headers.set('x-content-type-options', 'nosniff')
  response.headers.set('referrer-policy', 'same-origin')
  return response
}

export const config = {
  matcher: ['/((?!_next/static|_next/image|icon.svg|icon-\\d+.png|manifest.webmanifest|sw.js).*)'],
}
