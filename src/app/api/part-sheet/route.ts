import { partSheet } from '@/services/partSheet'
import { serve } from '../_http/serve'

export const { GET, POST, PUT, PATCH, DELETE } = serve('/api/part-sheet', {
  GET: ({ query }) => partSheet(query['designation'] ?? '', query),
})
