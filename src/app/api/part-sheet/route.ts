import { partSheet } from '@/services/partSheet'
import { answer } from '../_http/answer'
import { methods } from '../_http/methods'
import { query } from '../_http/body'

export const { GET, POST, PUT, PATCH, DELETE } = methods({
  GET: answer(async (request) => {
    const asked = query(request)
    return partSheet(asked['designation'] ?? '', asked)
  }),
})
