import { nameIn } from '@/services/accounts'
import { changeMachine, machine } from '@/services/machines'
import { answer } from '../../_http/answer'
import { answerOnce } from '../../_http/answerOnce'
import { methods } from '../../_http/methods'
import { jsonBody, numberIn } from '../../_http/body'

type Context = { params: Promise<{ id: string }> }

export const { GET, POST, PUT, PATCH, DELETE } = methods({
  GET: answer(async (_, { params }: Context) => machine(numberIn((await params).id, 'machine'))),
  PATCH: answerOnce(async (request, { params }: Context) =>
    changeMachine(numberIn((await params).id, 'machine'), await jsonBody(request), nameIn(request.headers)),
  ),
})
