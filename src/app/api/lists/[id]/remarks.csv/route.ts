import { remarksCsv } from '@/services/lists'
import { answer, attached } from '../../../_http/answer'
import { methods } from '../../../_http/methods'
import { numberIn } from '../../../_http/body'

export const { GET, POST, PUT, PATCH, DELETE } = methods({
  GET: answer(async (_request, { params }: { params: Promise<{ id: string }> }) => {
    const csv = await remarksCsv(numberIn((await params).id, 'list'))
    return attached(csv, 'text/csv', 'rows-not-kept.csv')
  }),
})
