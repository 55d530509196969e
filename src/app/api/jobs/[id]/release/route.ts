import { releaseKit } from '@/services/campaign'
import { answer } from '../../../_http/answer'
import { numberIn } from '../../../_http/body'

type Context = { params: Promise<{ id: string }> }

export const POST = answer(async (_, { params }: Context) =>
  releaseKit(numberIn((await params).id, 'job'), ''),
)
