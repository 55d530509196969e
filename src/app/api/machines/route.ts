import { addMachine, listMachines } from '@/services/machines'
import { serve } from '../_http/serve'

export const dynamic = 'force-dynamic'

export const { GET, POST, PUT, PATCH, DELETE } = serve('/api/machines', {
  GET: ({ query }) => listMachines(query),
  POST: ({ body, by }) => addMachine(body, by),
})
