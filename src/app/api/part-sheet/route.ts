import { partSheet } from '@/services/partSheet'
import { answer } from '../_http/answer'
import { query } from '../_http/body'

export const GET = answer(async (request) => {
  const asked = query(request)
  return partSheet(asked['designation'] ?? '', asked)
})
