import { campaign } from '@/services/campaign'
import { serve } from '../_http/serve'

export const { GET, POST, PUT, PATCH, DELETE } = serve('/api/campaign', {
  POST: ({ body }) => campaign(body),
})
