import { remarksCsv } from '@/services/lists'
import { attached } from '../../../_http/answer'
import { serve } from '../../../_http/serve'

export const { GET, POST, PUT, PATCH, DELETE } = serve('/api/lists/{id}/remarks.csv', {
  GET: async ({ id }) => attached(await remarksCsv(id), 'text/csv', 'rows-not-kept.csv'),
})
