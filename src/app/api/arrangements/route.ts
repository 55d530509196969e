import { arrangements, putArrangement } from '@/services/arrangements'
import { serve } from '../_http/serve'

export const { GET, POST, PUT, PATCH, DELETE } = serve('/api/arrangements', {
  GET: ({ request }) => arrangements({ part: new URL(request.url).searchParams.getAll('part') }),
  PUT: ({ body, by }) => putArrangement(body, by),
})
