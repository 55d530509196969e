import { getJob } from '@/services/jobs'
import { openPoints } from '@/services/openPoints'
import { answer } from '../../../_http/answer'
import { methods } from '../../../_http/methods'
import { numberIn } from '../../../_http/body'

type Context = { params: Promise<{ id: string }> }

export const { GET, POST, PUT, PATCH, DELETE } = methods({
  GET: answer(async (_, { params }: Context) => ({
    points: await openPoints(await getJob(numberIn((await params).id, 'job'))),
  })),
})
