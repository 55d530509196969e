import { changeMachine, machine } from '@/services/machines'
import { answer } from '../../_http/answer'
import { jsonBody, numberIn } from '../../_http/body'

type Context = { params: Promise<{ id: string }> }

export const GET = answer(async (_, { params }: Context) => machine(numberIn((await params).id, 'machine')))

export const PATCH = answer(async (request, { params }: Context) =>
  changeMachine(numberIn((await params).id, 'machine'), await jsonBody(request)),
)
