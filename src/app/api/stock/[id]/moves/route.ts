import { moveItem, movesOf } from '@/services/stock'
import { serve } from '../../../_http/serve'

export const { GET, POST, PUT, PATCH, DELETE } = serve('/api/stock/{id}/moves', {
  GET: ({ id, query }) => movesOf(id, query),
  POST: ({ id, body }) => moveItem(id, body),
})
