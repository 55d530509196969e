import { cardPdf } from '@/services/print/cardPdf'
import { pdf } from '../../../_http/answer'
import { serve } from '../../../_http/serve'

export const { GET, POST, PUT, PATCH, DELETE } = serve('/api/jobs/{id}/card.pdf', {
  GET: async ({ id, query }) => pdf(await cardPdf(id, query['units']), `job-${id}-card.pdf`),
})
