import { cancelOrder, order } from '@/services/orders'
import { answer } from '../../_http/answer'
import { numberIn } from '../../_http/body'

type Context = { params: Promise<{ id: string }> }

export const GET = answer(async (_, { params }: Context) => order(numberIn((await params).id, 'order')))
export const DELETE = answer(async (_, { params }: Context) =>
  cancelOrder(numberIn((await params).id, 'order')),
)
