import { cancelOrder, order } from '@/services/orders'
import { serve } from '../../_http/serve'

export const { GET, POST, PUT, PATCH, DELETE } = serve('/api/orders/{id}', {
  GET: ({ id }) => order(id),
  DELETE: ({ id, by }) => cancelOrder(id, by),
})
