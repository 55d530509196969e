import { nameIn } from '@/services/accounts'
import { changeToolbox, toolbox } from '@/services/settings'
import { answer } from '../_http/answer'
import { methods } from '../_http/methods'
import { jsonBody } from '../_http/body'

export const { GET, POST, PUT, PATCH, DELETE } = methods({
  GET: answer(async () => toolbox()),
  PUT: answer(async (request) => changeToolbox(await jsonBody(request), nameIn(request.headers))),
})
