import { sealsFor } from '@/services/lookUp'
import { answer } from '../_http/answer'
import { methods } from '../_http/methods'
import { query } from '../_http/body'

export const { GET, POST, PUT, PATCH, DELETE } = methods({
  GET: answer(async (request) => sealsFor(query(request))),
})
