import { listRechecks } from '@/services/logbook'
import { answer } from '../_http/answer'
import { methods } from '../_http/methods'
import { query } from '../_http/body'

export const { GET, POST, PUT, PATCH, DELETE } = methods({
  GET: answer((request) => listRechecks(query(request))),
})
