import { importStock, MOST_STOCK_BYTES, stockCsv } from '@/services/stock'
import { answer, attached } from '../_http/answer'
import { csvBody } from '../_http/body'

export const GET = answer(async () => attached(await stockCsv(), 'text/csv', 'stock.csv'))
export const POST = answer(async (request) => importStock(await csvBody(request, MOST_STOCK_BYTES)))
