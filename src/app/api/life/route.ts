import { life } from '@/services/setting'
import { answer } from '../_http/answer'
import { jsonBody } from '../_http/body'

export const POST = answer(async (request) => life(await jsonBody(request)))
