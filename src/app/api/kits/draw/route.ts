import { drawnKitFor } from '@/services/drawKit'
import { serve } from '../../_http/serve'

export const { GET, POST, PUT, PATCH, DELETE } = serve('/api/kits/draw', {
  POST: ({ body, sent }) => drawnKitFor(body, sent),
})
