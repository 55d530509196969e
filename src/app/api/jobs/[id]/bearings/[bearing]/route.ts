import { removeJobBearing } from '@/services/jobs'
import { answer } from '../../../../_http/answer'
import { numberIn, query } from '../../../../_http/body'

type Context = { params: Promise<{ id: string; bearing: string }> }

export const DELETE = answer(async (request, { params }: Context) => {
  const { id, bearing } = await params
  return removeJobBearing(numberIn(id, 'job'), numberIn(bearing, 'bearing'), query(request))
})
