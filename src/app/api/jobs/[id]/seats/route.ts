import { seats } from '@/services/plan'
import { serve } from '../../../_http/serve'

export const { GET, POST, PUT, PATCH, DELETE } = serve('/api/jobs/{id}/seats', {
  GET: ({ id, query }) => seats(id, query),
})
