import { spacing } from '@/services/setting'
import { serve } from '../_http/serve'

export const { GET, POST, PUT, PATCH, DELETE } = serve('/api/spacing', {
  POST: ({ body }) => spacing(body),
})
