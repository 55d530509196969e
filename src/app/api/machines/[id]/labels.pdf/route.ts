import { machineLabels } from '@/services/print/machineLabels'
import { answer, pdf } from '../../../_http/answer'
import { methods } from '../../../_http/methods'
import { numberIn } from '../../../_http/body'
import { originOf } from '../../../_http/client'

type Context = { params: Promise<{ id: string }> }

export const { GET, POST, PUT, PATCH, DELETE } = methods({
  GET: answer(async (request, { params }: Context) => {
    const id = numberIn((await params).id, 'machine')
    return pdf(await machineLabels(id, originOf(request)), `machine-${id}-labels.pdf`)
  }),
})
