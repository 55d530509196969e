import { listRechecks } from '@/services/logbook'
import { serve } from '../_http/serve'

export const { GET, POST, PUT, PATCH, DELETE } = serve('/api/rechecks', {
  GET: ({ query }) => listRechecks(query),
})
