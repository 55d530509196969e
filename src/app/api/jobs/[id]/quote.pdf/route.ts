import { quotePdf } from '@/services/print/quotePdf'
import { answer, pdf } from '../../../_http/answer'
import { numberIn } from '../../../_http/body'

interface Context {
  params: Promise<{ id: string }>
}

export const GET = answer(async (_request, { params }: Context) => {
  const id = numberIn((await params).id, 'job')
  return pdf(await quotePdf(id), `job-${id}-quote.pdf`)
})
