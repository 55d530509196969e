import { returnsOf } from '@/services/jobs'
import { numberIn } from '../../../_http/body'
import { serve } from '../../../_http/serve'

export const { GET, POST, PUT, PATCH, DELETE } = serve('/api/jobs/{id}/returns', {
  GET: async ({ id, query: { position } }) =>
    returnsOf(id, position === undefined ? undefined : numberIn(position, 'position')),
})
