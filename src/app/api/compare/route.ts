import { comparePair } from '@/services/judgement'
import { answer } from '../_http/answer'
import { jsonBody } from '../_http/body'

export const POST = answer(async (request) => comparePair(await jsonBody(request)))
