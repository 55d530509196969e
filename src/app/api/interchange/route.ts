import { comparePair, interchangeOf } from '@/services/lookUp'
import { answer } from '../_http/answer'
import { methods } from '../_http/methods'
import { query } from '../_http/body'

export const { GET, POST, PUT, PATCH, DELETE } = methods({
  GET: answer(async (request) => {
    const asked = query(request)
    return 'from' in asked || 'to' in asked
      ? comparePair({ from: asked['from'] ?? '', to: asked['to'] ?? '' }, asked)
      : interchangeOf(asked['designation'] ?? '', asked)
  }),
})
