import { delivery } from '@/services/orders'
import { answer } from '../../../_http/answer'
import { numberIn } from '../../../_http/body'

type Context = { params: Promise<{ id: string }> }

export const GET = answer(async (_, { params }: Context) => delivery(numberIn((await params).id, 'order')))
