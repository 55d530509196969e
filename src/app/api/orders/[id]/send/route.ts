import { sendAgain } from '@/services/orders'
import { answer } from '../../../_http/answer'
import { methods } from '../../../_http/methods'
import { numberIn } from '../../../_http/body'

type Context = { params: Promise<{ id: string }> }

export const { GET, POST, PUT, PATCH, DELETE } = methods({
  POST: answer(async (_, { params }: Context) => sendAgain(numberIn((await params).id, 'order'))),
})
