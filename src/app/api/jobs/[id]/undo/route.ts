import { undoLast } from '@/services/jobs'
import { serve } from '../../../_http/serve'

export const { GET, POST, PUT, PATCH, DELETE } = serve('/api/jobs/{id}/undo', {
  POST: ({ id, body }) => undoLast(id, body),
})
