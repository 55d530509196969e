import { historyOf } from '@/services/jobs'
import { serve } from '../../../_http/serve'

export const { GET, POST, PUT, PATCH, DELETE } = serve('/api/jobs/{id}/history', {
  GET: ({ id, query }) => historyOf(id, query),
})
