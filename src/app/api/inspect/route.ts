import { damageGuide, inspect } from '@/services/judgement'
import { answer } from '../_http/answer'
import { jsonBody } from '../_http/body'

export const GET = answer(async () => damageGuide())
export const POST = answer(async (request) => inspect(await jsonBody(request)))
