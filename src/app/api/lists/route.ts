import { lists, MOST_LIST_BYTES, startImport } from '@/services/lists'
import { answer } from '../_http/answer'
import { csvBody, query } from '../_http/body'

export const GET = answer(async () => lists())

export const POST = answer(async (request) =>
  Response.json(await startImport(await csvBody(request, MOST_LIST_BYTES), query(request)), { status: 202 }),
)
