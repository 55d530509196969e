import { addItem, stock } from '@/services/stock'
import { serve } from '../_http/serve'

export const { GET, POST, PUT, PATCH, DELETE } = serve('/api/stock', {
  GET: ({ query }) => stock(query),
  POST: ({ body }) => addItem(body),
})
