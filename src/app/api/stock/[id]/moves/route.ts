import { moveItem, movesOf } from '@/services/stock'
import { answer } from '../../../_http/answer'
import { answerOnce } from '../../../_http/answerOnce'
import { methods } from '../../../_http/methods'
import { jsonBody, numberIn, query } from '../../../_http/body'

type Context = { params: Promise<{ id: string }> }

export const { GET, POST, PUT, PATCH, DELETE } = methods({
  GET: answer(async (request, { params }: Context) =>
    movesOf(numberIn((await params).id, 'stock item'), query(request)),
  ),
  POST: answerOnce(async (request, { params }: Context) =>
    Response.json(await moveItem(numberIn((await params).id, 'stock item'), await jsonBody(request)), {
      status: 201,
    }),
  ),
})
