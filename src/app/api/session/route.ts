import { getIronSession } from 'iron-session'
import { cookies } from 'next/headers'
import { accountIn, sessionOptions, signedOut, signIn, type Sealed } from '@/services/accounts'
import { addressOf, isSecure } from '../_http/client'
import { answer } from '../_http/answer'
import { methods } from '../_http/methods'
import { jsonBody } from '../_http/body'

export const dynamic = 'force-dynamic'

const told = (account: Sealed | null) => ({
  account: account && { name: account.name, role: account.role },
})

/** Who is signed in; signing in and out. */
export const { GET, POST, PUT, PATCH, DELETE } = methods({
  GET: answer((request) => Promise.resolve(told(accountIn(request.headers)))),
  POST: answer(async (request) => {
    const account = await signIn(await jsonBody(request), addressOf(request))
    const session = await getIronSession<Sealed>(await cookies(), sessionOptions(isSecure(request)))
    Object.assign(session, account)
    await session.save()
    return told(account)
  }),
  DELETE: answer(async (request) => {
    const session = await getIronSession<Partial<Sealed>>(await cookies(), sessionOptions(isSecure(request)))
    const { id, name, role, version } = session
    if (id !== undefined && name && role && version !== undefined)
      await signedOut({ id, name, role, version })
    session.destroy()
    return told(null)
  }),
})
