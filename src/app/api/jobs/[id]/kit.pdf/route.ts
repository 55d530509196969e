import { kitPdf } from '@/services/print/kitPdf'
import { answer } from '../../../_http/answer'
import { numberIn } from '../../../_http/body'

interface Context {
  params: Promise<{ id: string }>
}

export const GET = answer(async (_request, { params }: Context) => {
  const id = numberIn((await params).id, 'job')
  const pdf = await kitPdf(id)
  return new Response(new Uint8Array(pdf), {
    headers: {
      'content-type': 'application/pdf',
      'content-disposition': `inline; filename="job-${id}-kit.pdf"`,
    },
  })
})
