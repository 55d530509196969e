import { changeJob, getJob, removeJob } from '@/services/jobs'
import { serve } from '../../_http/serve'

export const { GET, POST, PUT, PATCH, DELETE } = serve('/api/jobs/{id}', {
  GET: ({ id }) => getJob(id),
  PATCH: ({ id, body }) => changeJob(id, body),
  DELETE: ({ id, query }) => removeJob(id, query),
})
