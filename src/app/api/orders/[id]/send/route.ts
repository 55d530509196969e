import { sendAgain } from '@/services/orders'
import { serve } from '../../../_http/serve'

export const { GET, POST, PUT, PATCH, DELETE } = serve('/api/orders/{id}/send', {
  POST: ({ id }) => sendAgain(id),
})
