import { bench } from '@/services/bench'
import { serve } from '../_http/serve'

export const dynamic = 'force-dynamic'

export const { GET, POST, PUT, PATCH, DELETE } = serve('/api/bench', {
  GET: () => bench(),
})
