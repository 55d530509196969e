import { answerRecheck } from '@/services/logbook'
import { serve } from '../../_http/serve'

export const { GET, POST, PUT, PATCH, DELETE } = serve('/api/rechecks/{id}', {
  PATCH: ({ id, body }) => answerRecheck(id, body),
})
