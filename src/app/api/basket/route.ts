import { basket } from '@/services/baskets'
import { serve } from '../_http/serve'

export const { GET, POST, PUT, PATCH, DELETE } = serve('/api/basket', {
  POST: ({ body }) => basket(body),
})
