import { MAX_LIST_BYTES, previewList } from '@/services/lists'
import { csvBody } from '../../_http/body'
import { serve } from '../../_http/serve'

export const { GET, POST, PUT, PATCH, DELETE } = serve('/api/lists/preview', {
  POST: async ({ query, request }) => previewList(await csvBody(request, MAX_LIST_BYTES), query),
})
