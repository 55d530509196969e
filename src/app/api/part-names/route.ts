import { listNames, teachName } from '@/services/partNames'
import { serve } from '../_http/serve'

export const dynamic = 'force-dynamic'

export const { GET, POST, PUT, PATCH, DELETE } = serve('/api/part-names', {
  GET: () => listNames(),
  POST: ({ body, by }) => teachName(body, by),
})
