import { logbookCsv } from '@/services/logbook'
import { attached } from '../../_http/answer'
import { serve } from '../../_http/serve'

export const { GET, POST, PUT, PATCH, DELETE } = serve('/api/logbook/{table}', {
  GET: async ({ table, query }) => attached(await logbookCsv(table, query), 'text/csv', `logbook-${table}`),
})
