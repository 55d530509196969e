import { basket } from '@/services/baskets'
import { answer } from '../_http/answer'
import { methods } from '../_http/methods'
import { jsonBody } from '../_http/body'

export const { GET, POST, PUT, PATCH, DELETE } = methods({
  POST: answer(async (request) => basket(await jsonBody(request))),
})
