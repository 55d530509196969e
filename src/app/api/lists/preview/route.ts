import { MOST_LIST_BYTES, previewList } from '@/services/lists'
import { answer } from '../../_http/answer'
import { methods } from '../../_http/methods'
import { csvBody, query } from '../../_http/body'

export const { GET, POST, PUT, PATCH, DELETE } = methods({
  POST: answer(async (request) => previewList(await csvBody(request, MOST_LIST_BYTES), query(request))),
})
