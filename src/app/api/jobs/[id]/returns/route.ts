import { returnsOf } from '@/services/jobs'
import { answer } from '../../../_http/answer'
import { numberIn } from '../../../_http/body'

type Context = { params: Promise<{ id: string }> }

export const GET = answer(async (_, { params }: Context) => returnsOf(numberIn((await params).id, 'job')))
