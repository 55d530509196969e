import { changeItem, itemDetail } from '@/services/stock'
import { answer } from '../../_http/answer'
import { jsonBody, numberIn } from '../../_http/body'

type Context = { params: Promise<{ id: string }> }
const item = async ({ params }: Context) => numberIn((await params).id, 'stock item')

export const GET = answer(async (_, context: Context) => itemDetail(await item(context)))
export const PATCH = answer(async (request, context: Context) =>
  changeItem(await item(context), await jsonBody(request)),
)
