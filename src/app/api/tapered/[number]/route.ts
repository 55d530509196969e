import { taperedMates } from '@/services/lookUp'
import { answer } from '../../_http/answer'
import { methods } from '../../_http/methods'

interface Context {
  params: Promise<{ number: string }>
}

export const { GET, POST, PUT, PATCH, DELETE } = methods({
  GET: answer(async (_request, { params }: Context) => taperedMates((await params).number)),
})
