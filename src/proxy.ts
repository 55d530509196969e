import { NextResponse, type NextRequest } from 'next/server'
import { contentPolicy, setAnswerHeaders } from './app/api/_http/answerHeaders'
import { gate } from './app/api/_http/gate'
import { ACCOUNT_HEADER } from './services/accounts/sessionHeader'

/** Goes on with some headers of the request set (null = taken away). */
function passOn(request: NextRequest, own: ReadonlyMap<string, string | null>): NextResponse {
  const headers = new Headers(request.headers)
  for (const [name, value] of own) {
    if (value === null) headers.delete(name)
    else headers.set(name, value)
  }
  return NextResponse.next({ request: { headers } })
}

/** Of pages: who may see them, and what they may load. The interface does the same for itself, in `answer`. */
export async function proxy(request: NextRequest): Promise<Response> {
  const passed = await gate(request)
  if (passed instanceof Response) return passed
  const { account } = passed
  const nonce = btoa(crypto.randomUUID())
  const policy = contentPolicy(nonce)
  const response = passOn(
    request,
    new Map([
      [ACCOUNT_HEADER, account && encodeURIComponent(JSON.stringify(account))],
      ['x-nonce', nonce],
      ['content-security-policy', policy],
    ]),
  )
  setAnswerHeaders(response, policy)
  return response
}

/** Not the interface: two thirds of what such a request takes here would be this. An address with a % in it may be no address at all. */
export const config = {
  matcher: ['/((?!api/[^%]*$|_next/static|_next/image|icon.svg|icon-\\d+.png|manifest.webmanifest|sw.js).*)'],
}
