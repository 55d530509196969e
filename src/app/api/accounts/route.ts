import { accounts, addAccount } from '@/services/accounts'
import { serve } from '../_http/serve'

export const dynamic = 'force-dynamic'

export const { GET, POST, PUT, PATCH, DELETE } = serve('/api/accounts', {
  GET: () => accounts(),
  POST: ({ body, by }) => addAccount(body, by),
})
