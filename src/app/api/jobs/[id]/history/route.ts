import { historyOf } from '@/services/jobs'
import { answer } from '../../../_http/answer'
import { numberIn, query } from '../../../_http/body'
import { methods } from '../../../_http/methods'

type Context = { params: Promise<{ id: string }> }

export const { GET, POST, PUT, PATCH, DELETE } = methods({
  GET: answer(async (request, { params }: Context) =>
    historyOf(numberIn((await params).id, 'job'), query(request)),
  ),
})
