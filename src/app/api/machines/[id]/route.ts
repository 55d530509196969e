import { changeMachine, machine } from '@/services/machines'
import { serve } from '../../_http/serve'

export const { GET, POST, PUT, PATCH, DELETE } = serve('/api/machines/{id}', {
  GET: ({ id }) => machine(id),
  PATCH: ({ id, body, by }) => changeMachine(id, body, by),
})
