import { bin } from '@/services/bin'
import { serve } from '../_http/serve'

export const { GET, POST, PUT, PATCH, DELETE } = serve('/api/bin', {
  GET: () => bin(),
})
