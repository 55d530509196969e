import { changeAccount, nameIn } from '@/services/accounts'
import { answer } from '../../_http/answer'
import { methods } from '../../_http/methods'
import { jsonBody, numberIn } from '../../_http/body'

type Context = { params: Promise<{ id: string }> }

export const { GET, POST, PUT, PATCH, DELETE } = methods({
  PATCH: answer(async (request, { params }: Context) =>
    changeAccount(numberIn((await params).id, 'account'), await jsonBody(request), nameIn(request.headers)),
  ),
})
