import { partOf } from '@/services/lookUp'
import { keepOwnPart } from '@/services/ownParts'
import { answer } from '../_http/answer'
import { answerOnce } from '../_http/answerOnce'
import { methods } from '../_http/methods'
import { jsonBody, query } from '../_http/body'

export const { GET, POST, PUT, PATCH, DELETE } = methods({
  GET: answer(async (request) => partOf(query(request)['designation'] ?? '')),
  POST: answerOnce(async (request) =>
    Response.json(await keepOwnPart(await jsonBody(request)), { status: 201 }),
  ),
})
