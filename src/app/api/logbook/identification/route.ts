import { identification } from '@/services/logbook'
import { serve } from '../../_http/serve'

export const { GET, POST, PUT, PATCH, DELETE } = serve('/api/logbook/identification', {
  GET: ({ query }) => identification(query),
})
