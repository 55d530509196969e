import { nameIn } from '@/services/accounts'
import { changeItem, itemDetail } from '@/services/stock'
import { answer } from '../../_http/answer'
import { answerOnce } from '../../_http/answerOnce'
import { methods } from '../../_http/methods'
import { jsonBody, numberIn } from '../../_http/body'

type Context = { params: Promise<{ id: string }> }
const item = async ({ params }: Context) => numberIn((await params).id, 'stock item')

export const { GET, POST, PUT, PATCH, DELETE } = methods({
  GET: answer(async (_, context: Context) => itemDetail(await item(context))),
  PATCH: answerOnce(async (request, context: Context) =>
    changeItem(await item(context), await jsonBody(request), nameIn(request.headers)),
  ),
})
