import { inBackground } from '@/services/background'
import { shopVersion } from '@/services/shop'
import { answer } from '../../_http/answer'
import { methods } from '../../_http/methods'
import { csvBody } from '../../_http/body'

/** Largest tray. */
const MOST_BYTES = 10 * 1024 * 1024

export const { GET, POST, PUT, PATCH, DELETE } = methods({
  POST: answer(async (request) => {
    const csv = await inBackground('identifyBatch', shopVersion(), await csvBody(request, MOST_BYTES))
    return new Response(csv, { headers: { 'content-type': 'text/csv; charset=utf-8' } })
  }),
})
