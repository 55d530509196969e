import { dropArrangement } from '@/services/arrangements'
import { serve } from '../../_http/serve'

export const { GET, POST, PUT, PATCH, DELETE } = serve('/api/arrangements/{code}', {
  DELETE: ({ code, by }) => dropArrangement(code, by),
})
