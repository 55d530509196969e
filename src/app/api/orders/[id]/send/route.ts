import { sendAgain } from '@/services/orders'
import { answer } from '../../../_http/answer'
import { numberIn } from '../../../_http/body'

type Context = { params: Promise<{ id: string }> }

export const POST = answer(async (_, { params }: Context) => sendAgain(numberIn((await params).id, 'order')))
