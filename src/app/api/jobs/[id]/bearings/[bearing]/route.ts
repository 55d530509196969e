import { removeJobBearing } from '@/services/jobs'
import { answerOnce } from '../../../../_http/answerOnce'
import { methods } from '../../../../_http/methods'
import { numberIn, query } from '../../../../_http/body'

type Context = { params: Promise<{ id: string; bearing: string }> }

export const { GET, POST, PUT, PATCH, DELETE } = methods({
  DELETE: answerOnce(async (request, { params }: Context) => {
    const { id, bearing } = await params
    return removeJobBearing(numberIn(id, 'job'), numberIn(bearing, 'bearing'), query(request))
  }),
})
