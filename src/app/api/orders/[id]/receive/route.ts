import { receive } from '@/services/orders'
import { serve } from '../../../_http/serve'

export const { GET, POST, PUT, PATCH, DELETE } = serve('/api/orders/{id}/receive', {
  POST: ({ id, body }) => receive(id, body),
})
