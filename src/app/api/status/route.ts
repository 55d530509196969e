import { status } from '@/services/status'
import { serve } from '../_http/serve'

export const dynamic = 'force-dynamic'

export const { GET, POST, PUT, PATCH, DELETE } = serve('/api/status', {
  GET: () => status(),
})
