import { seats } from '@/services/plan'
import { answer } from '../../../_http/answer'
import { numberIn, query } from '../../../_http/body'

export const GET = answer(async (request, { params }: { params: Promise<{ id: string }> }) =>
  seats(numberIn((await params).id, 'job'), query(request)),
)
