import { arrangements, putArrangement } from '@/services/arrangements'
import { answer } from '../_http/answer'
import { methods } from '../_http/methods'
import { jsonBody } from '../_http/body'

export const { GET, POST, PUT, PATCH, DELETE } = methods({
  GET: answer(async (request) => arrangements({ part: new URL(request.url).searchParams.getAll('part') })),
  PUT: answer(async (request) => putArrangement(await jsonBody(request))),
})
