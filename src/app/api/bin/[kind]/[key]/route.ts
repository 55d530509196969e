import { restoreFromBin } from '@/services/bin'
import { serve } from '../../../_http/serve'

export const { GET, POST, PUT, PATCH, DELETE } = serve('/api/bin/{kind}/{key}', {
  POST: ({ kind, key, by }) => restoreFromBin({ kind, id: key }, by),
})
