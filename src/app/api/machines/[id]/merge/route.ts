import { mergeMachine } from '@/services/machines'
import { serve } from '../../../_http/serve'

export const { GET, POST, PUT, PATCH, DELETE } = serve('/api/machines/{id}/merge', {
  POST: ({ id, body, by }) => mergeMachine(id, body, by),
})
