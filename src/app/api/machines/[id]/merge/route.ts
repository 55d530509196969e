import { mergeMachine } from '@/services/machines'
import { answer } from '../../../_http/answer'
import { jsonBody, numberIn } from '../../../_http/body'

type Context = { params: Promise<{ id: string }> }

export const POST = answer(async (request, { params }: Context) =>
  mergeMachine(numberIn((await params).id, 'machine'), await jsonBody(request)),
)
