import { reserveKit } from '@/services/campaign'
import { serve } from '../../../_http/serve'

export const { GET, POST, PUT, PATCH, DELETE } = serve('/api/jobs/{id}/reserve', {
  POST: ({ id }) => reserveKit(id, ''),
})
