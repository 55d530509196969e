import { kitCsv } from '@/services/kitFiles'
import { answer, attached } from '../../../_http/answer'
import { methods } from '../../../_http/methods'
import { numberIn } from '../../../_http/body'

export const { GET, POST, PUT, PATCH, DELETE } = methods({
  GET: answer(async (_request, { params }: { params: Promise<{ id: string }> }) => {
    const id = numberIn((await params).id, 'job')
    return attached(await kitCsv(id), 'text/csv', `job-${id}-kit.csv`)
  }),
})
