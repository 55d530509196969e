import { convert } from '@/services/convert'
import { serve } from '../_http/serve'

export const { GET, POST, PUT, PATCH, DELETE } = serve('/api/convert', {
  POST: ({ body }) => convert(body),
})
