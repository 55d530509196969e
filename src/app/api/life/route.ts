import { life } from '@/services/setting'
import { serve } from '../_http/serve'

export const { GET, POST, PUT, PATCH, DELETE } = serve('/api/life', {
  POST: ({ body }) => life(body),
})
