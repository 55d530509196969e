import { basket } from '@/services/orders'
import { answer } from '../_http/answer'
import { jsonBody } from '../_http/body'

export const POST = answer(async (request) => basket(await jsonBody(request)))
