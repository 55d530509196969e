import { jobPlan } from '@/services/plan'
import { serve } from '../../../_http/serve'

export const { GET, POST, PUT, PATCH, DELETE } = serve('/api/jobs/{id}/plan', {
  GET: async ({ id }) => (await jobPlan(id)).plan,
})
