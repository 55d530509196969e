import { identifyPart } from '@/services/identify'
import { serve } from '../_http/serve'

export const { GET, POST, PUT, PATCH, DELETE } = serve('/api/identify', {
  POST: ({ body }) => identifyPart(body),
})
