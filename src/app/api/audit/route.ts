import { audit } from '@/services/accounts'
import { serve } from '../_http/serve'

export const dynamic = 'force-dynamic'

export const { GET, POST, PUT, PATCH, DELETE } = serve('/api/audit', {
  GET: ({ query }) => audit(query),
})
