import { nameIn } from '@/services/accounts'
import { mergeMachine } from '@/services/machines'
import { answerOnce } from '../../../_http/answerOnce'
import { methods } from '../../../_http/methods'
import { jsonBody, numberIn } from '../../../_http/body'

type Context = { params: Promise<{ id: string }> }

export const { GET, POST, PUT, PATCH, DELETE } = methods({
  POST: answerOnce(async (request, { params }: Context) =>
    mergeMachine(numberIn((await params).id, 'machine'), await jsonBody(request), nameIn(request.headers)),
  ),
})
