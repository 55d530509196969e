import { sealsFor } from '@/services/lookUp'
import { serve } from '../_http/serve'

export const { GET, POST, PUT, PATCH, DELETE } = serve('/api/seals', {
  GET: ({ query }) => sealsFor(query),
})
