import { greasePlan } from '@/services/setting'
import { serve } from '../_http/serve'

export const { GET, POST, PUT, PATCH, DELETE } = serve('/api/grease', {
  POST: ({ body }) => greasePlan(body),
})
