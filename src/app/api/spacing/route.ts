import { spacing } from '@/services/setting'
import { answer } from '../_http/answer'
import { methods } from '../_http/methods'
import { jsonBody } from '../_http/body'

export const { GET, POST, PUT, PATCH, DELETE } = methods({
  POST: answer(async (request) => spacing(await jsonBody(request))),
})
