import { NextRequest, NextResponse } from 'next/server'
import { isLive } from '@/services/accounts/live'
import { isAllowed, isPublic } from '@/services/accounts/rights'
import {
  CALENDAR_PATH,
  isSignInRequired,
  SESSION_COOKIE,
  unseal,
  unsealCalendarKey,
  type Sealed,
} from '@/services/accounts/seal'
import { asProblem } from './asProblem'

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
function isOurPage({ method, headers }: Request, host: string): boolean {
  if (method === 'GET' || method === 'HEAD') return true
  const origin = headers.get('origin')
  if (origin === null) return headers.get('sec-fetch-site') !== 'cross-site'
  const from = hostOf(URL.canParse(origin) ? new URL(origin).host : '')
  return from === host || from === hostOf(headers.get('x-forwarded-host'))
}

/** The account a request comes from; null when nobody has signed in, or the session has ended. */
async function accountOf({ url, headers }: Request): Promise<Sealed | null> {
  const { cookies } = new NextRequest(url, { headers })
  const session = await unseal(cookies.get(SESSION_COOKIE)?.value)
  if (!session) return null
  // Without the database nothing can be read or changed anyway, and the screens say so.
  return (await isLive(session, Date.now()).catch(() => true)) ? session : null
}

/** Whether a calendar asks for its feed, with a key of an account that still is as it was. */
async function isCalendar(method: string, { pathname, searchParams }: URL): Promise<boolean> {
  if (method !== 'GET' || pathname !== CALENDAR_PATH) return false
  const holder = await unsealCalendarKey(searchParams.get('key'))
  return holder !== null && (await isLive(holder, Date.now()).catch(() => false))
}

/** What is answered instead where signing in is asked for; null = go on. */
function refusal(method: string, url: URL, account: Sealed | null): Response | null {
  // Rights are of the path as it is meant: an encoded letter is the letter (RFC 3986, 6.2.2.2).
  const pathname = decodeURIComponent(url.pathname)
  if (isPublic(pathname)) return null
  const isPage = !pathname.startsWith('/api/')
  if (!account) {
    if (isPage) {
      const to = new URL('/sign-in', url)
      if (pathname !== '/') to.searchParams.set('to', pathname + url.search)
      return NextResponse.redirect(to)
    }
    return asProblem({
      type: '/problems/signedOut',
      title: 'Not signed in',
      status: 401,
      detail: 'Sign in first. What you typed is kept on the screen.',
    })
  }
  if (isAllowed(account.role, method, pathname)) return null
  return isPage
    ? NextResponse.redirect(new URL('/account', url))
    : asProblem({
        type: '/problems/notAllowed',
        title: 'Not allowed',
        status: 403,
        detail: 'Your account does not have this right. Ask an owner of this shop.',
      })
}

/** Who a request that may go on comes from; of nobody where signing in is not asked for, or is what is asked. */
export interface Passed {
  account: Sealed | null
}

/**
 * What every request has to pass before anything else is done: a readable address, a name of this server, a page of our own, a
 * session with the right. The proxy asks it for pages, `answer` for the interface.
 * @returns who asks, or the answer that refuses
 */
export async function gate(request: Request): Promise<Passed | Response> {
  const url = new URL(request.url)
  if (!isReadable(url))
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
  if (!isSignInRequired()) return { account: null }
  const account = await accountOf(request)
  const refused = (await isCalendar(request.method, url)) ? null : refusal(request.method, url, account)
  return refused ?? { account }
}
