import { orders, placeOrders } from '@/services/orders'
import { serve } from '../_http/serve'

export const { GET, POST, PUT, PATCH, DELETE } = serve('/api/orders', {
  GET: ({ query }) => orders(query),
  POST: ({ body, by }) => placeOrders(body, by),
})
