import { positionsOf } from '@/services/jobs'
import { serve } from '../../../_http/serve'

export const { GET, POST, PUT, PATCH, DELETE } = serve('/api/jobs/{id}/positions', {
  GET: ({ id }) => positionsOf(id),
})
