import { endPlayOf } from '@/services/fits'
import { answer } from '../../_http/answer'
import { jsonBody } from '../../_http/body'

export const POST = answer(async (request) => endPlayOf(await jsonBody(request)))
