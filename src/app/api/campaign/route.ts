import { campaign } from '@/services/campaign'
import { answer } from '../_http/answer'
import { jsonBody } from '../_http/body'

export const POST = answer(async (request) => campaign(await jsonBody(request)))
