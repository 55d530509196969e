import { addJobBearing } from '@/services/jobs'
import { answer } from '../../../_http/answer'
import { jsonBody, numberIn } from '../../../_http/body'

type Context = { params: Promise<{ id: string }> }

export const POST = answer(async (request, { params }: Context) =>
  Response.json(await addJobBearing(numberIn((await params).id, 'job'), await jsonBody(request)), {
    status: 201,
  }),
)
