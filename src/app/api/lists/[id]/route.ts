import { dropList, listDetail } from '@/services/lists'
import { answer } from '../../_http/answer'
import { numberIn } from '../../_http/body'

interface Context {
  params: Promise<{ id: string }>
}

export const GET = answer(async (_request, { params }: Context) =>
  listDetail(numberIn((await params).id, 'list')),
)

export const DELETE = answer(async (_request, { params }: Context) =>
  dropList(numberIn((await params).id, 'list')),
)
