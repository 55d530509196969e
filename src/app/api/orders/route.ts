import { orders, placeOrders } from '@/services/orders'
import { answer } from '../_http/answer'
import { jsonBody } from '../_http/body'

export const GET = answer(async () => orders())
export const POST = answer(async (request) =>
  Response.json(await placeOrders(await jsonBody(request)), { status: 201 }),
)
