import { getJob } from '@/services/jobs'
import { openPoints } from '@/services/openPoints'
import { serve } from '../../../_http/serve'

export const { GET, POST, PUT, PATCH, DELETE } = serve('/api/jobs/{id}/open', {
  GET: async ({ id }) => ({ points: await openPoints(await getJob(id)) }),
})
