import { accounts, addAccount, nameIn } from '@/services/accounts'
import { answer } from '../_http/answer'
import { methods } from '../_http/methods'
import { jsonBody } from '../_http/body'

export const dynamic = 'force-dynamic'

export const { GET, POST, PUT, PATCH, DELETE } = methods({
  GET: answer(() => accounts()),
  POST: answer(async (request) =>
    Response.json(await addAccount(await jsonBody(request), nameIn(request.headers)), {
      status: 201,
    }),
  ),
})
