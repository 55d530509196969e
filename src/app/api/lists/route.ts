import { lists, MAX_LIST_BYTES, startImport } from '@/services/lists'
import { csvBody } from '../_http/body'
import { serve } from '../_http/serve'

export const { GET, POST, PUT, PATCH, DELETE } = serve('/api/lists', {
  GET: () => lists(),
  POST: async ({ query, request, by }) => startImport(await csvBody(request, MAX_LIST_BYTES), query, by),
})
