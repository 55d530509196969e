import { machinesWith } from '@/services/machines'
import { serve } from '../../_http/serve'

export const { GET, POST, PUT, PATCH, DELETE } = serve('/api/parts/machines', {
  GET: ({ query }) => machinesWith(query),
})
