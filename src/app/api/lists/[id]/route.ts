import { dropList, listDetail } from '@/services/lists'
import { serve } from '../../_http/serve'

export const { GET, POST, PUT, PATCH, DELETE } = serve('/api/lists/{id}', {
  GET: ({ id }) => listDetail(id),
  DELETE: ({ id, by }) => dropList(id, by),
})
