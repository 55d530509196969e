import { dropArrangement } from '@/services/arrangements'
import { answer } from '../../_http/answer'
import { methods } from '../../_http/methods'

type Context = { params: Promise<{ code: string }> }

export const { GET, POST, PUT, PATCH, DELETE } = methods({
  DELETE: answer(async (_, { params }: Context) => dropArrangement((await params).code)),
})
