import { undoLast } from '@/services/jobs'
import { answerOnce } from '../../../_http/answerOnce'
import { methods } from '../../../_http/methods'
import { jsonBody, numberIn } from '../../../_http/body'

type Context = { params: Promise<{ id: string }> }

export const { GET, POST, PUT, PATCH, DELETE } = methods({
  POST: answerOnce(async (request, { params }: Context) =>
    undoLast(numberIn((await params).id, 'job'), await jsonBody(request)),
  ),
})
