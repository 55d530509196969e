import { dropList, listDetail } from '@/services/lists'
import { answer } from '../../_http/answer'
import { methods } from '../../_http/methods'
import { numberIn } from '../../_http/body'

interface Context {
  params: Promise<{ id: string }>
}

export const { GET, POST, PUT, PATCH, DELETE } = methods({
  GET: answer(async (_request, { params }: Context) => listDetail(numberIn((await params).id, 'list'))),
  DELETE: answer(async (_request, { params }: Context) => dropList(numberIn((await params).id, 'list'))),
})
