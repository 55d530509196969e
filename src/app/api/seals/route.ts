import { sealsFor } from '@/services/sealsFor'
import { serve } from '../_http/serve'

export const { GET, POST, PUT, PATCH, DELETE } = serve('/api/seals', {
  GET: ({ query }) => sealsFor(query),
})
