import { forgetName } from '@/services/partNames'
import { answer } from '../../_http/answer'

type Context = { params: Promise<{ name: string }> }

export const DELETE = answer(async (_, { params }: Context) =>
  forgetName(decodeURIComponent((await params).name)),
)
