import { metricsText } from '@/services/metrics'
import { answer } from '../_http/answer'
import { methods } from '../_http/methods'

export const dynamic = 'force-dynamic'

export const { GET, POST, PUT, PATCH, DELETE } = methods({
  GET: answer(async () => {
    const { text, type } = await metricsText()
    return new Response(text, { headers: { 'content-type': type } })
  }),
})
