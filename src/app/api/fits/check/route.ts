import { fit } from '@/services/fits'
import { serve } from '../../_http/serve'

export const { GET, POST, PUT, PATCH, DELETE } = serve('/api/fits/check', {
  POST: ({ body }) => fit(body),
})
