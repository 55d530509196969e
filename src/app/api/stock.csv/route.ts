import { importStock, MOST_STOCK_BYTES, stockCsv } from '@/services/stock'
import { answer, attached } from '../_http/answer'
import { answerOnce } from '../_http/answerOnce'
import { methods } from '../_http/methods'
import { csvBody } from '../_http/body'

export const { GET, POST, PUT, PATCH, DELETE } = methods({
  GET: answer(async () => attached(await stockCsv(), 'text/csv', 'stock.csv')),
  POST: answerOnce(async (request) => importStock(await csvBody(request, MOST_STOCK_BYTES))),
})
