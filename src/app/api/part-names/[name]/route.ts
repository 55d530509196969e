import { forgetName } from '@/services/partNames'
import { serve } from '../../_http/serve'

export const { GET, POST, PUT, PATCH, DELETE } = serve('/api/part-names/{name}', {
  DELETE: ({ name, by }) => forgetName(decodeURIComponent(name), by),
})
