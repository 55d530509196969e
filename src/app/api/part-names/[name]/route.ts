import { forgetName } from '@/services/partNames'
import { answer } from '../../_http/answer'
import { methods } from '../../_http/methods'

type Context = { params: Promise<{ name: string }> }

export const { GET, POST, PUT, PATCH, DELETE } = methods({
  DELETE: answer(async (_, { params }: Context) => forgetName(decodeURIComponent((await params).name))),
})
