import { partOf } from '@/services/lookUp'
import { keepOwnPart } from '@/services/ownParts'
import { answer } from '../_http/answer'
import { jsonBody, query } from '../_http/body'

export const GET = answer(async (request) => partOf(query(request)['designation'] ?? ''))

export const POST = answer(async (request) =>
  Response.json(await keepOwnPart(await jsonBody(request)), { status: 201 }),
)
