import { identifyPart } from '@/services/identify'
import { answer } from '../_http/answer'
import { methods } from '../_http/methods'
import { jsonBody } from '../_http/body'

export const { GET, POST, PUT, PATCH, DELETE } = methods({
  POST: answer(async (request) => identifyPart(await jsonBody(request))),
})
