import { comparePair } from '@/services/judgement'
import { serve } from '../_http/serve'

export const { GET, POST, PUT, PATCH, DELETE } = serve('/api/compare', {
  POST: ({ body }) => comparePair(body),
})
