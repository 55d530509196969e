import { quotePdf } from '@/services/print/quotePdf'
import { pdf } from '../../../_http/answer'
import { serve } from '../../../_http/serve'

export const { GET, POST, PUT, PATCH, DELETE } = serve('/api/jobs/{id}/quote.pdf', {
  GET: async ({ id, query }) => pdf(await quotePdf(id, query['units']), `job-${id}-quote.pdf`),
})
