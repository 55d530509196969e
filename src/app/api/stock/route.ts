import { addItem, stock } from '@/services/stock'
import { answer } from '../_http/answer'
import { answerOnce } from '../_http/answerOnce'
import { methods } from '../_http/methods'
import { jsonBody, query } from '../_http/body'

export const { GET, POST, PUT, PATCH, DELETE } = methods({
  GET: answer((request) => stock(query(request))),
  POST: answerOnce(async (request) => Response.json(await addItem(await jsonBody(request)), { status: 201 })),
})
