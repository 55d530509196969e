import { lists, MOST_LIST_BYTES, startImport } from '@/services/lists'
import { answer } from '../_http/answer'
import { methods } from '../_http/methods'
import { csvBody, query } from '../_http/body'

export const { GET, POST, PUT, PATCH, DELETE } = methods({
  GET: answer(async () => lists()),
  POST: answer(async (request) =>
    Response.json(await startImport(await csvBody(request, MOST_LIST_BYTES), query(request)), {
      status: 202,
    }),
  ),
})
