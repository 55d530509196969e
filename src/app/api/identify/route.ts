import { identifyPart } from '@/services/identify'
import { answer } from '../_http/answer'
import { jsonBody } from '../_http/body'

export const POST = answer(async (request) => identifyPart(await jsonBody(request)))
