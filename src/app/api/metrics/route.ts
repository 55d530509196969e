import { metricsText } from '@/services/metrics'
import { serve } from '../_http/serve'

export const dynamic = 'force-dynamic'

export const { GET, POST, PUT, PATCH, DELETE } = serve('/api/metrics', {
  GET: async () => {
    const { text, type } = await metricsText()
    return new Response(text, { headers: { 'content-type': type } })
  },
})
