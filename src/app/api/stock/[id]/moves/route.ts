import { moveItem } from '@/services/stock'
import { answer } from '../../../_http/answer'
import { jsonBody, numberIn } from '../../../_http/body'

type Context = { params: Promise<{ id: string }> }

export const POST = answer(async (request, { params }: Context) =>
  Response.json(await moveItem(numberIn((await params).id, 'stock item'), await jsonBody(request)), {
    status: 201,
  }),
)
