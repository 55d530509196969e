import { identifyBatch } from '@/services/batch'
import { ServiceError } from '@/services/errors'
import { answer } from '../../_http/answer'
import { bodyBytes } from '../../_http/body'

/** Largest tray. */
const MOST_BYTES = 10 * 1024 * 1024

export const POST = answer(async (request) => {
  if (!/^text\/csv\b/i.test(request.headers.get('content-type') ?? ''))
    throw new ServiceError('wrongType', 'Send CSV with the content type text/csv.')
  const csv = await identifyBatch(await bodyBytes(request, MOST_BYTES))
  return new Response(csv, { headers: { 'content-type': 'text/csv; charset=utf-8' } })
})
