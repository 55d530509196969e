import { createJob, listJobs } from '@/services/jobs'
import { serve } from '../_http/serve'

export const dynamic = 'force-dynamic'

export const { GET, POST, PUT, PATCH, DELETE } = serve('/api/jobs', {
  GET: ({ query }) => listJobs(query),
  POST: ({ body }) => createJob(body),
})
