import { jobPlan } from '@/services/plan'
import { answer } from '../../../_http/answer'
import { numberIn } from '../../../_http/body'

export const GET = answer(async (_, { params }: { params: Promise<{ id: string }> }) => {
  const { plan } = await jobPlan(numberIn((await params).id, 'job'))
  return plan
})
