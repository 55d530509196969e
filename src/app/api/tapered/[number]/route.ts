import { taperedMates } from '@/services/lookUp'
import { answer } from '../../_http/answer'

interface Context {
  params: Promise<{ number: string }>
}

export const GET = answer(async (_request, { params }: Context) => taperedMates((await params).number))
