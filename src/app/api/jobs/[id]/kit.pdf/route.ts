import { kitPdf } from '@/services/print/kitPdf'
import { answer, pdf } from '../../../_http/answer'
import { methods } from '../../../_http/methods'
import { numberIn } from '../../../_http/body'

interface Context {
  params: Promise<{ id: string }>
}

export const { GET, POST, PUT, PATCH, DELETE } = methods({
  GET: answer(async (_request, { params }: Context) => {
    const id = numberIn((await params).id, 'job')
    return pdf(await kitPdf(id), `job-${id}-kit.pdf`)
  }),
})
