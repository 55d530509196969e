import { convert } from '@/services/convert'
import { answer } from '../_http/answer'
import { jsonBody } from '../_http/body'

export const POST = answer(async (request) => convert(await jsonBody(request)))
