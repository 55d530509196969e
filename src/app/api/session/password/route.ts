import { getIronSession } from 'iron-session'
import { cookies } from 'next/headers'
import { changePassword, sessionOptions, type Sealed } from '@/services/accounts'
import { ServiceError } from '@/services/errors'
import { isSecure } from '../../_http/client'
import { serve } from '../../_http/serve'

/** One's own password; this session goes on, all others end. */
export const { GET, POST, PUT, PATCH, DELETE } = serve('/api/session/password', {
  PUT: async ({ body, account, request }) => {
    if (!account)
      throw new ServiceError('impossible', 'Nobody is signed in: signing in is off on this server.')
    const changed = await changePassword(account, body)
    const session = await getIronSession<Sealed>(await cookies(), sessionOptions(isSecure(request)))
    Object.assign(session, changed)
    await session.save()
    return { account: { name: changed.name, role: changed.role } }
  },
})
