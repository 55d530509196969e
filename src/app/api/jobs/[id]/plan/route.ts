import { jobPlan } from '@/services/plan'
import { answer } from '../../../_http/answer'
import { methods } from '../../../_http/methods'
import { numberIn } from '../../../_http/body'

export const { GET, POST, PUT, PATCH, DELETE } = methods({
  GET: answer(async (_, { params }: { params: Promise<{ id: string }> }) => {
    const { plan } = await jobPlan(numberIn((await params).id, 'job'))
    return plan
  }),
})
