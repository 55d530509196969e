import { seatTrends } from '@/services/logbook'
import { serve } from '../../_http/serve'

export const { GET, POST, PUT, PATCH, DELETE } = serve('/api/logbook/seats', {
  GET: ({ query }) => seatTrends(query),
})
