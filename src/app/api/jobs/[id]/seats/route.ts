import { seats } from '@/services/plan'
import { answer } from '../../../_http/answer'
import { methods } from '../../../_http/methods'
import { numberIn, query } from '../../../_http/body'

export const { GET, POST, PUT, PATCH, DELETE } = methods({
  GET: answer(async (request, { params }: { params: Promise<{ id: string }> }) =>
    seats(numberIn((await params).id, 'job'), query(request)),
  ),
})
