import { addRecheck } from '@/services/logbook'
import { serve } from '../../../_http/serve'

export const { GET, POST, PUT, PATCH, DELETE } = serve('/api/jobs/{id}/rechecks', {
  POST: ({ id, body }) => addRecheck(id, body),
})
