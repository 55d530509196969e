import { greasePlan } from '@/services/setting'
import { answer } from '../_http/answer'
import { jsonBody } from '../_http/body'

export const POST = answer(async (request) => greasePlan(await jsonBody(request)))
