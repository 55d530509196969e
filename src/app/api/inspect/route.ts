import { damageGuide, inspect } from '@/services/judgement'
import { serve } from '../_http/serve'

export const { GET, POST, PUT, PATCH, DELETE } = serve('/api/inspect', {
  GET: () => Promise.resolve(damageGuide()),
  POST: ({ body }) => inspect(body),
})
