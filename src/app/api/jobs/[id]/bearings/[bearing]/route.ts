import { removeJobBearing } from '@/services/jobs'
import { serve } from '../../../../_http/serve'

export const { GET, POST, PUT, PATCH, DELETE } = serve('/api/jobs/{id}/bearings/{bearing}', {
  DELETE: ({ id, bearing, query }) => removeJobBearing(id, bearing, query),
})
