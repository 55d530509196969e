import { receive } from '@/services/orders'
import { answer } from '../../../_http/answer'
import { jsonBody, numberIn } from '../../../_http/body'

type Context = { params: Promise<{ id: string }> }

export const POST = answer(async (request, { params }: Context) =>
  receive(numberIn((await params).id, 'order'), await jsonBody(request)),
)
