import { kitFile } from '@/services/kitFiles'
import { attached } from '../../../_http/answer'
import { serve } from '../../../_http/serve'

export const { GET, POST, PUT, PATCH, DELETE } = serve('/api/jobs/{id}/kit.json', {
  GET: async ({ id }) =>
    attached(JSON.stringify(await kitFile(id), null, 2), 'application/json', `job-${id}-kit.json`),
})
