import { search } from '@/services/search'
import { serve } from '../_http/serve'

export const { GET, POST, PUT, PATCH, DELETE } = serve('/api/search', {
  GET: ({ query }) => search(query['text'] ?? ''),
})
