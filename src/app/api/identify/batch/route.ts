import { inBackground } from '@/services/background'
import { csvBody } from '../../_http/body'
import { serve } from '../../_http/serve'

/** Largest tray. */
const MAX_BYTES = 10 * 1024 * 1024

export const { GET, POST, PUT, PATCH, DELETE } = serve('/api/identify/batch', {
  POST: async ({ request }) => {
    const csv = await inBackground('identifyBatch', await csvBody(request, MAX_BYTES))
    return new Response(csv, { headers: { 'content-type': 'text/csv; charset=utf-8' } })
  },
})
