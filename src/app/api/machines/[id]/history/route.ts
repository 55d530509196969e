import { historyOf } from '@/services/history'
import { serve } from '../../../_http/serve'

export const { GET, POST, PUT, PATCH, DELETE } = serve('/api/machines/{id}/history', {
  GET: ({ id, query }) => historyOf('machine', id, query),
})
