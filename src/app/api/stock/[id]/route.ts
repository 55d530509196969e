import { changeItem, itemDetail } from '@/services/stock'
import { serve } from '../../_http/serve'

export const { GET, POST, PUT, PATCH, DELETE } = serve('/api/stock/{id}', {
  GET: ({ id }) => itemDetail(id),
  PATCH: ({ id, body, by }) => changeItem(id, body, by),
})
