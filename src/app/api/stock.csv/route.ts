import { importStock, MAX_STOCK_BYTES, stockCsv } from '@/services/stock'
import { attached } from '../_http/answer'
import { csvBody } from '../_http/body'
import { serve } from '../_http/serve'

export const { GET, POST, PUT, PATCH, DELETE } = serve('/api/stock.csv', {
  GET: async () => attached(await stockCsv(), 'text/csv', 'stock.csv'),
  POST: async ({ request }) => importStock(await csvBody(request, MAX_STOCK_BYTES)),
})
