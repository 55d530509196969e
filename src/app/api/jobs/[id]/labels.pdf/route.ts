import { kitLabels } from '@/services/print/labelsPdf'
import { pdf } from '../../../_http/answer'
import { serve } from '../../../_http/serve'

export const { GET, POST, PUT, PATCH, DELETE } = serve('/api/jobs/{id}/labels.pdf', {
  GET: async ({ id, query }) => pdf(await kitLabels(id, query['units']), `job-${id}-labels.pdf`),
})
