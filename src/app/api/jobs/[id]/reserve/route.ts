import { reserveKit } from '@/services/campaign'
import { answerOnce } from '../../../_http/answerOnce'
import { methods } from '../../../_http/methods'
import { numberIn } from '../../../_http/body'

type Context = { params: Promise<{ id: string }> }

export const { GET, POST, PUT, PATCH, DELETE } = methods({
  POST: answerOnce(async (_, { params }: Context) => reserveKit(numberIn((await params).id, 'job'), '')),
})
