import { getIronSession } from 'iron-session'
import { cookies } from 'next/headers'
import { accountIn, changePassword, sessionOptions, type Sealed } from '@/services/accounts'
import { ServiceError } from '@/services/errors'
import { answer } from '../../_http/answer'
import { isSecure } from '../../_http/client'
import { methods } from '../../_http/methods'
import { jsonBody } from '../../_http/body'

/** One's own password; this session goes on, all others end. */
export const { GET, POST, PUT, PATCH, DELETE } = methods({
  PUT: answer(async (request) => {
    const account = accountIn(request.headers)
    if (!account)
      throw new ServiceError('impossible', 'Nobody is signed in: signing in is off on this server.')
    const changed = await changePassword(account, await jsonBody(request))
    const session = await getIronSession<Sealed>(await cookies(), sessionOptions(isSecure(request)))
    Object.assign(session, changed)
    await session.save()
    return { account: { name: changed.name, role: changed.role } }
  }),
})
