import { dropArrangement } from '@/services/arrangements'
import { answer } from '../../_http/answer'

type Context = { params: Promise<{ code: string }> }

export const DELETE = answer(async (_, { params }: Context) => dropArrangement((await params).code))
