import { kitCsv } from '@/services/kitFiles'
import { attached } from '../../../_http/answer'
import { serve } from '../../../_http/serve'

export const { GET, POST, PUT, PATCH, DELETE } = serve('/api/jobs/{id}/kit.csv', {
  GET: async ({ id }) => attached(await kitCsv(id), 'text/csv', `job-${id}-kit.csv`),
})
