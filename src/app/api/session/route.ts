import { getIronSession } from 'iron-session'
import { cookies } from 'next/headers'
import { sessionOptions, signedOut, signIn, type Sealed } from '@/services/accounts'
import { addressOf, isSecure } from '../_http/client'
import { serve } from '../_http/serve'

export const dynamic = 'force-dynamic'

const toResponse = (account: Sealed | null) => ({
  account: account && { name: account.name, role: account.role },
})

/** Who is signed in; signing in and out. */
export const { GET, POST, PUT, PATCH, DELETE } = serve('/api/session', {
  GET: ({ account }) => Promise.resolve(toResponse(account)),
  POST: async ({ body, request }) => {
    const account = await signIn(body, addressOf(request))
    const session = await getIronSession<Sealed>(await cookies(), sessionOptions(isSecure(request)))
    Object.assign(session, account)
    await session.save()
    return toResponse(account)
  },
  DELETE: async ({ request }) => {
    const session = await getIronSession<Partial<Sealed>>(await cookies(), sessionOptions(isSecure(request)))
    const { id, name, role, version } = session
    if (id !== undefined && name && role && version !== undefined)
      await signedOut({ id, name, role, version })
    session.destroy()
    return toResponse(null)
  },
})
