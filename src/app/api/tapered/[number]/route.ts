import { taperedMates } from '@/services/lookUp'
import { serve } from '../../_http/serve'

export const { GET, POST, PUT, PATCH, DELETE } = serve('/api/tapered/{number}', {
  GET: ({ number }) => taperedMates(number),
})
