import { returnsOf } from '@/services/jobs'
import { answer } from '../../../_http/answer'
import { methods } from '../../../_http/methods'
import { numberIn, query } from '../../../_http/body'

type Context = { params: Promise<{ id: string }> }

export const { GET, POST, PUT, PATCH, DELETE } = methods({
  GET: answer(async (request, { params }: Context) => {
    const { position } = query(request)
    return returnsOf(
      numberIn((await params).id, 'job'),
      position === undefined ? undefined : numberIn(position, 'position'),
    )
  }),
})
