import { proposeKitFor } from '@/services/kits'
import { serve } from '../../_http/serve'

export const { GET, POST, PUT, PATCH, DELETE } = serve('/api/kits/propose', {
  POST: ({ body, sent }) => proposeKitFor(body, sent),
})
