import { changeAccount } from '@/services/accounts'
import { serve } from '../../_http/serve'

export const { GET, POST, PUT, PATCH, DELETE } = serve('/api/accounts/{id}', {
  PATCH: ({ id, body, by }) => changeAccount(id, body, by),
})
