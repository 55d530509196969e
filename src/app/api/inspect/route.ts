import { damageGuide, inspect } from '@/services/judgement'
import { answer } from '../_http/answer'
import { methods } from '../_http/methods'
import { jsonBody } from '../_http/body'

export const { GET, POST, PUT, PATCH, DELETE } = methods({
  GET: answer(async () => damageGuide()),
  POST: answer(async (request) => inspect(await jsonBody(request))),
})
