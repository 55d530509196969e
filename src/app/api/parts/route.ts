import { partOf } from '@/services/lookUp'
import { keepOwnPart } from '@/services/ownParts'
import { serve } from '../_http/serve'

export const { GET, POST, PUT, PATCH, DELETE } = serve('/api/parts', {
  GET: ({ query }) => partOf(query['designation'] ?? ''),
  POST: ({ body, by }) => keepOwnPart(body, by),
})
