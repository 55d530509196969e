import { listNames, teachName } from '@/services/partNames'
import { answer } from '../_http/answer'
import { answerOnce } from '../_http/answerOnce'
import { methods } from '../_http/methods'
import { jsonBody } from '../_http/body'

export const dynamic = 'force-dynamic'

export const { GET, POST, PUT, PATCH, DELETE } = methods({
  GET: answer(listNames),
  POST: answerOnce(async (request) =>
    Response.json(await teachName(await jsonBody(request)), { status: 201 }),
  ),
})
