import { historyOf } from '@/services/history'
import { answer } from '../../../_http/answer'
import { methods } from '../../../_http/methods'
import { numberIn, query } from '../../../_http/body'

type Context = { params: Promise<{ id: string }> }

export const { GET, POST, PUT, PATCH, DELETE } = methods({
  GET: answer(async (request, { params }: Context) =>
    historyOf('stock', numberIn((await params).id, 'stock item'), query(request)),
  ),
})
