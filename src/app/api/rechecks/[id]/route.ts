import { answerRecheck } from '@/services/logbook'
import { answerOnce } from '../../_http/answerOnce'
import { methods } from '../../_http/methods'
import { jsonBody, numberIn } from '../../_http/body'

type Context = { params: Promise<{ id: string }> }

export const { GET, POST, PUT, PATCH, DELETE } = methods({
  PATCH: answerOnce(async (request, { params }: Context) =>
    answerRecheck(numberIn((await params).id, 'recheck'), await jsonBody(request)),
  ),
})
