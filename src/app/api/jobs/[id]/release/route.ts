import { releaseKit } from '@/services/campaign'
import { serve } from '../../../_http/serve'

export const { GET, POST, PUT, PATCH, DELETE } = serve('/api/jobs/{id}/release', {
  POST: ({ id }) => releaseKit(id, ''),
})
