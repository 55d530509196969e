import { kitPdf } from '@/services/print/kitPdf'
import { pdf } from '../../../_http/answer'
import { serve } from '../../../_http/serve'

export const { GET, POST, PUT, PATCH, DELETE } = serve('/api/jobs/{id}/kit.pdf', {
  GET: async ({ id, query }) => pdf(await kitPdf(id, query['units']), `job-${id}-kit.pdf`),
})
