import { decodeText } from '@/services/lookUp'
import { serve } from '../_http/serve'

export const { GET, POST, PUT, PATCH, DELETE } = serve('/api/decode', {
  GET: ({ query }) => decodeText(query['text'] ?? ''),
})
