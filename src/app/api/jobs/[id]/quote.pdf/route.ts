import { quotePdf } from '@/services/print/quotePdf'
import { pdf } from '../../../_http/answer'
import { serve } from '../../../_http/serve'

export const { GET, POST, PUT, PATCH, DELETE } = serve('/api/jobs/{id}/quote.pdf', {
  GET: async ({ id }) => pdf(await quotePdf(id), `job-${id}-quote.pdf`),
})
