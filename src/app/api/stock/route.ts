import { addItem, stock } from '@/services/stock'
import { answer } from '../_http/answer'
import { jsonBody } from '../_http/body'

export const GET = answer(async () => stock())
export const POST = answer(async (request) =>
  Response.json(await addItem(await jsonBody(request)), { status: 201 }),
)
