import { nameIn } from '@/services/accounts'
import { changeSettings, settings } from '@/services/settings'
import { answer } from '../_http/answer'
import { methods } from '../_http/methods'
import { jsonBody } from '../_http/body'

export const { GET, POST, PUT, PATCH, DELETE } = methods({
  GET: answer(async () => settings()),
  PUT: answer(async (request) => changeSettings(await jsonBody(request), nameIn(request.headers))),
})
