import { addJobBearing } from '@/services/jobs'
import { serve } from '../../../_http/serve'

export const { GET, POST, PUT, PATCH, DELETE } = serve('/api/jobs/{id}/bearings', {
  POST: ({ id, body }) => addJobBearing(id, body),
})
