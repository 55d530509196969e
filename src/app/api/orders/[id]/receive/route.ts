import { receive } from '@/services/orders'
import { answerOnce } from '../../../_http/answerOnce'
import { methods } from '../../../_http/methods'
import { jsonBody, numberIn } from '../../../_http/body'

type Context = { params: Promise<{ id: string }> }

export const { GET, POST, PUT, PATCH, DELETE } = methods({
  POST: answerOnce(async (request, { params }: Context) =>
    receive(numberIn((await params).id, 'order'), await jsonBody(request)),
  ),
})
