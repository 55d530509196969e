import { delivery } from '@/services/orders'
import { serve } from '../../../_http/serve'

export const { GET, POST, PUT, PATCH, DELETE } = serve('/api/orders/{id}/delivery', {
  GET: ({ id }) => delivery(id),
})
