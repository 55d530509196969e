import { endPlayOf } from '@/services/fits'
import { serve } from '../../_http/serve'

export const { GET, POST, PUT, PATCH, DELETE } = serve('/api/adjust/endplay', {
  POST: ({ body }) => endPlayOf(body),
})
