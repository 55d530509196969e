import { restoreFromBin } from '@/services/bin'
import { answerOnce } from '../../../_http/answerOnce'
import { methods } from '../../../_http/methods'

type Context = { params: Promise<{ kind: string; id: string }> }

export const { GET, POST, PUT, PATCH, DELETE } = methods({
  POST: answerOnce(async (_, { params }: Context) => restoreFromBin(await params)),
})
