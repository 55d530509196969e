import { comparePair, interchangeOf } from '@/services/lookUp'
import { serve } from '../_http/serve'

export const { GET, POST, PUT, PATCH, DELETE } = serve('/api/interchange', {
  GET: ({ query }) =>
    'from' in query || 'to' in query
      ? comparePair({ from: query['from'] ?? '', to: query['to'] ?? '' }, query)
      : interchangeOf(query['designation'] ?? '', query),
})
