import { listNames, teachName } from '@/services/partNames'
import { answer } from '../_http/answer'
import { jsonBody } from '../_http/body'

export const dynamic = 'force-dynamic'

export const GET = answer(listNames)

export const POST = answer(async (request) =>
  Response.json(await teachName(await jsonBody(request)), { status: 201 }),
)
