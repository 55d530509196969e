import { orders, placeOrders } from '@/services/orders'
import { answer } from '../_http/answer'
import { methods } from '../_http/methods'
import { jsonBody, query } from '../_http/body'

export const { GET, POST, PUT, PATCH, DELETE } = methods({
  GET: answer((request) => orders(query(request))),
  POST: answer(async (request) => Response.json(await placeOrders(await jsonBody(request)), { status: 201 })),
})
