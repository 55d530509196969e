import { fit } from '@/services/fits'
import { answer } from '../../_http/answer'
import { jsonBody } from '../../_http/body'

export const POST = answer(async (request) => fit(await jsonBody(request)))
