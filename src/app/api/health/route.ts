import { health } from '@/services/health'
import { serve } from '../_http/serve'

export const dynamic = 'force-dynamic'

export const { GET, POST, PUT, PATCH, DELETE } = serve('/api/health', {
  GET: () => health(),
})
