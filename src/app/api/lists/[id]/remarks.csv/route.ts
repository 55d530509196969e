import { remarksCsv } from '@/services/lists'
import { answer } from '../../../_http/answer'
import { numberIn } from '../../../_http/body'

export const GET = answer(async (_request, { params }: { params: Promise<{ id: string }> }) => {
  const csv = await remarksCsv(numberIn((await params).id, 'list'))
  return new Response(csv, {
    headers: {
      'content-type': 'text/csv; charset=utf-8',
      'content-disposition': 'attachment; filename="rows-not-kept.csv"',
    },
  })
})
